/** How soon one that died is started again, and how long that is put off at most when it dies again and again. */
const WAITS = { waitMs: 1000, mostMs: 60_000 };

/** A process that is started again when it dies, at longer and longer intervals; what it had begun is tried again. */
export class KeptProcess {
  #child = null;
  #stopping = false;
  #waitMs;
  #timer = null;

  /**
   * @param what said when it stops: server, worker
   * @param begin starts it; resolves with the process once it is ready
   */
  constructor(what, begin, waits = {}) {
    this.what = what;
    this.begin = begin;
    this.waits = { ...WAITS, ...waits };
    this.#waitMs = this.waits.waitMs;
  }

  /** Rejects when the very first one does not come up: then something is wrong with the installation. */
  async start() {
    const child = await this.begin();
    // It was told to stop while it came up.
    if (this.#stopping) return void child.kill('SIGTERM');
    this.#child = child;
    const since = Date.now();
    child.once('exit', (code, signal) => {
      this.#child = null;
      if (this.#stopping) return;
      if (Date.now() - since > this.waits.mostMs) this.#waitMs = this.waits.waitMs;
      console.error(
        `The ${this.what} stopped (${signal ?? code}); it is started again in ${this.#waitMs / 1000} s.`,
      );
      this.#again();
    });
  }

  #again() {
    this.#timer = setTimeout(
      () => void this.start().catch(() => this.#stopping || this.#again()),
      this.#waitMs,
    );
    this.#waitMs = Math.min(2 * this.#waitMs, this.waits.mostMs);
  }

  /** Lets it finish what is under way. */
  async stop() {
    this.#stopping = true;
    clearTimeout(this.#timer);
    const child = this.#child;
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    const gone = new Promise((resolve) => child.once('exit', resolve));
    child.kill('SIGTERM');
    await gone;
  }
}

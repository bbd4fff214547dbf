const LONGEST_WAIT_MS = 60_000;

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
  constructor(what, begin, { waitMs = 1000 } = {}) {
    this.what = what;
    this.begin = begin;
    this.waitMs = waitMs;
    this.#waitMs = waitMs;
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
      if (Date.now() - since > LONGEST_WAIT_MS) this.#waitMs = this.waitMs;
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
    this.#waitMs = Math.min(2 * this.#waitMs, LONGEST_WAIT_MS);
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

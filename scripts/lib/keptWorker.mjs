import { startWorker } from './serverProcess.mjs';

const LONGEST_WAIT_MS = 60_000;

/** A worker that is started again when it dies, at longer and longer intervals; what it had begun is tried again. */
export class KeptWorker {
  #child = null;
  #stopping = false;
  #waitMs = 1000;
  #timer = null;

  constructor(settings) {
    this.settings = settings;
  }

  /** Rejects when the very first one does not come up: then something is wrong with the installation. */
  async start() {
    this.#child = await startWorker(this.settings);
    const since = Date.now();
    this.#child.once('exit', (code) => {
      this.#child = null;
      if (this.#stopping) return;
      if (Date.now() - since > LONGEST_WAIT_MS) this.#waitMs = 1000;
      console.error(
        `The worker stopped (${code}); it is started again in ${this.#waitMs / 1000} s.`,
      );
      this.#again();
    });
  }

  #again() {
    this.#timer = setTimeout(() => this.start().catch(() => this.#again()), this.#waitMs);
    this.#waitMs = Math.min(2 * this.#waitMs, LONGEST_WAIT_MS);
  }

  /** Lets it finish what is under way. */
  async stop() {
    this.#stopping = true;
    clearTimeout(this.#timer);
    const child = this.#child;
    if (!child || child.exitCode !== null) return;
    const gone = new Promise((resolve) => child.once('exit', resolve));
    child.kill('SIGTERM');
    await gone;
  }
}

import { wrap, type Remote } from 'comlink';
import type { PostureApi } from './postureApi';

export interface PostureWorker {
  readonly ask: Remote<PostureApi>;
  /** Ends the worker in the middle of whatever it does. */
  readonly end: () => void;
}

/** A worker of its own, so that it can be ended without losing anybody else's question. */
export function startPostureWorker(): PostureWorker {
  const worker = new Worker(new URL('./posture.worker.ts', import.meta.url));
  return { ask: wrap<PostureApi>(worker), end: () => worker.terminate() };
}

let shared: PostureWorker | null = null;

/** The one for questions of a millisecond or two: started once, never ended. */
export function sharedPostureWorker(): PostureWorker['ask'] {
  shared ??= startPostureWorker();
  return shared.ask;
}

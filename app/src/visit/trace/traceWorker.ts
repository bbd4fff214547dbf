import { wrap, type Remote } from 'comlink';
import type { TraceApi } from './traceApi';

let shared: Remote<TraceApi> | null = null;

/**
 * The one worker for what to ask next: started once, while there is a server to load it from. One that
 * could not be loaded is started anew by the next question.
 */
export function traceWorker(): Remote<TraceApi> {
  if (shared) return shared;
  const worker = new Worker(new URL('./trace.worker.ts', import.meta.url));
  worker.onerror = () => (shared = null);
  shared = wrap<TraceApi>(worker);
  return shared;
}

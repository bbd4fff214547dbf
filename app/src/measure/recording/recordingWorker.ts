import { wrap, type Remote } from 'comlink';
import type { RecordingApi } from './recordingApi';

export interface RecordingWorker {
  readonly ask: Remote<RecordingApi>;
  /** Settles only when the worker could not be loaded, or broke. */
  readonly broken: Promise<string>;
  readonly isBroken: () => boolean;
  /** Ends the worker in the middle of whatever it does. */
  readonly end: () => void;
}

function start(): RecordingWorker {
  const worker = new Worker(new URL('./recording.worker.ts', import.meta.url));
  let failed = false;
  const broken = new Promise<string>((resolve) => {
    worker.onerror = ({ message }) => {
      failed = true;
      resolve(message);
    };
  });
  const ask = wrap<RecordingApi>(worker);
  return { ask, broken, isBroken: () => failed, end: () => worker.terminate() };
}

let ready: RecordingWorker | null = null;

/** Has a worker loaded while there is a server, for when there is none. */
export function readyRecordingWorker(): void {
  if (ready) return;
  const mine = start();
  ready = mine;
  void mine.broken.then(() => {
    if (ready === mine) ready = null;
  });
}

/** The worker that waits, or a new one. */
export function takeRecordingWorker(): RecordingWorker {
  const mine = ready ?? start();
  ready = null;
  return mine;
}

/** Gives a worker back that has finished. */
export function giveBack(worker: RecordingWorker): void {
  if (ready || worker.isBroken()) worker.end();
  else ready = worker;
}

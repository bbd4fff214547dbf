import type { CDPSession } from '@playwright/test';

interface TraceEvent {
  readonly name: string;
  readonly ph: string;
  readonly pid: number;
  readonly tid: number;
  readonly ts: number;
  readonly dur?: number;
  readonly tdur?: number;
  readonly args: { readonly name?: string };
}

/** Tasks of the page's main thread, in milliseconds, longest first. */
export interface MainThread {
  readonly tasksMs: readonly number[];
  /** The same tasks by the processor's time alone: what other work on the machine took is not in it. */
  readonly processorMs: readonly number[];
  readonly frames: number;
}

const isMainThread = ({ name, args }: TraceEvent): boolean =>
  name === 'thread_name' && args.name === 'CrRendererMain';

const longestFirst = (ms: number[]): number[] => ms.sort((a, b) => b - a);

function readTrace(events: readonly TraceEvent[]): MainThread {
  const mains = new Set(events.filter(isMainThread).map(({ pid, tid }) => `${pid} ${tid}`));
  const onMain = events.filter(({ pid, tid }) => mains.has(`${pid} ${tid}`));
  const tasks = onMain.filter(({ name, ph }) => name === 'RunTask' && ph === 'X');
  return {
    tasksMs: longestFirst(tasks.map(({ dur = 0 }) => dur / 1000)),
    processorMs: longestFirst(tasks.map(({ tdur = 0 }) => tdur / 1000)),
    frames: onMain.filter(({ name }) => name === 'Paint').length,
  };
}

/** Chromium's own tracing of the main thread while something is done. */
export async function mainThreadDuring(
  session: CDPSession,
  act: () => Promise<void>,
): Promise<MainThread> {
  const events: TraceEvent[] = [];
  session.on('Tracing.dataCollected', ({ value }) =>
    events.push(...(value as unknown as TraceEvent[])),
  );
  const complete = new Promise((resolve) => session.once('Tracing.tracingComplete', resolve));
  await session.send('Tracing.start', {
    transferMode: 'ReportEvents',
    traceConfig: {
      includedCategories: ['devtools.timeline', 'disabled-by-default-devtools.timeline'],
    },
  });
  await act();
  await session.send('Tracing.end');
  await complete;
  return readTrace(events);
}

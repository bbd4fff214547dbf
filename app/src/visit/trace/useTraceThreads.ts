import type { TracedCause } from '@taxikine/core/inference/trace/trace';
import { useState } from 'react';
import { strandPath } from '../thread/strandPath';
import { drawnCauses, traceLayout } from './threadLayout';
import type { TraceThreadsProps } from './TraceThreads';

/** Shares of the width: faults, then the threads, then causes. */
const FAULTS = 0.31;
const THREADS = 0.15;

/** Where faults, causes and the threads between them lie, and which of them are lit. */
export function useTraceThreads({
  shown,
  actual,
  faults,
  width,
  selected,
  onSelect,
}: TraceThreadsProps) {
  const [fault, setFault] = useState<string | null>(null);
  const drawn = drawnCauses(shown, actual, selected);
  const layout = traceLayout(faults, drawn);
  const [from, to] = [width * FAULTS, width * (FAULTS + THREADS)];
  const strands = layout.causes.flatMap(({ cause, y }) =>
    cause.explains.flatMap((one) => {
      const spot = layout.faults.find(({ key }) => key === one.fault);
      if (!spot) return [];
      const d = strandPath({ x: from, y: spot.y }, { x: to, y });
      return [{ key: `${one.fault}>${cause.key}`, d, cause, fault: one.fault }];
    }),
  );
  const explained = new Set(drawn.flatMap(({ explains }) => explains.map((one) => one.fault)));
  return {
    layout,
    from,
    to,
    strands,
    /** Faults that no thread leaves. */
    loose: layout.faults.filter(({ key }) => !explained.has(key)),
    fault,
    tapFault: (key: string) => setFault(fault === key ? null : key),
    read: (key: string) => {
      setFault(null);
      onSelect(key);
    },
    isLit: (cause: TracedCause, of: string) => (fault ? fault === of : cause.key === selected),
    /** As it stands with every finding, while some are left out. */
    before: (key: string) =>
      shown === actual ? undefined : actual.causes.find((cause) => cause.key === key),
  };
}

export type TraceThreadsState = ReturnType<typeof useTraceThreads>;

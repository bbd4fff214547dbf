import type { Trace } from '../../inference/trace/trace';
import type { TraceSnapshot } from '../../records/visits/visitRecord';
import type { Instant } from '../../foundation/time/instant';

/** A cause less likely than this, to the findings and to the coach, is not worth remembering. */
const WORTH_KEEPING = 0.05;
const MOST = 14;

const rounded = (p: number): number => Math.round(p * 1e4) / 1e4;

/** The trace of a moment, to be held against what comes of it. */
export const traceSnapshot = ({ causes }: Trace, on: Instant): TraceSnapshot => ({
  on,
  causes: causes
    .filter(({ p, byFindings }) => Math.max(p, byFindings) >= WORTH_KEEPING)
    .slice(0, MOST)
    .map(({ cause, side, p, byFindings }) => ({
      cause,
      side,
      p: rounded(p),
      byFindings: rounded(byFindings),
    })),
});

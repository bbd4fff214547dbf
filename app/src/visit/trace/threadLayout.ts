import { LIKELY_ENOUGH } from '@taxikine/core/inference/trace/likelyEnough';
import type { Trace, TracedCause } from '@taxikine/core/inference/trace/trace';
import { shownCauses } from '@taxikine/core/reading/visit/threads';

export interface ThreadSpot {
  readonly key: string;
  readonly y: number;
}

export interface TraceLayout {
  readonly faults: readonly ThreadSpot[];
  readonly causes: readonly (ThreadSpot & { readonly cause: TracedCause })[];
  /** Where what is built or given begins; null when there is none. */
  readonly builtY: number | null;
  readonly height: number;
}

/** Pixels from one cause to the next, to its knot, and for the line above what is built or given. */
export const ROW = 68;
export const KNOT = 13;
const RULE = 34;

const isBuilt = ({ kind }: TracedCause): boolean => kind === 'built' || kind === 'given';

/**
 * Causes that are drawn: the likely ones of this trace and of the one it is held against, so that a
 * thread that thins does not vanish, and the one that is read, however unlikely.
 */
export function drawnCauses(shown: Trace, actual: Trace, read: string | null): TracedCause[] {
  const wanted = new Set(shownCauses(actual).map(({ key }) => key));
  if (read) wanted.add(read);
  const likely = shownCauses(shown, wanted);
  return likely.filter(({ p, key, coach }) => p >= LIKELY_ENOUGH || wanted.has(key) || coach);
}

/** Faults on one side and causes on the other, both spread over the same height. */
export function traceLayout(faults: readonly string[], drawn: readonly TracedCause[]): TraceLayout {
  const worked = drawn.filter((cause) => !isBuilt(cause));
  const built = drawn.filter(isBuilt);
  const builtTop = worked.length * ROW;
  const causes = [
    ...worked.map((cause, i) => ({ key: cause.key, cause, y: i * ROW + KNOT })),
    ...built.map((cause, i) => ({ key: cause.key, cause, y: builtTop + RULE + i * ROW + KNOT })),
  ];
  const causesHeight = builtTop + (built.length > 0 ? RULE + built.length * ROW : 0);
  const height = Math.max(ROW, causesHeight, faults.length * ROW);
  const step = faults.length > 0 ? Math.max(ROW, Math.min(height / faults.length, 2 * ROW)) : ROW;
  return {
    faults: faults.map((key, i) => ({ key, y: i * step + KNOT })),
    causes,
    builtY: built.length > 0 ? builtTop + RULE / 2 : null,
    height: Math.max(height, faults.length * step),
  };
}

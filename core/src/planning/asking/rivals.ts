import type { NextCheck } from './nextChecks';
import type { Trace, TracedCause } from '../../inference/trace/trace';

/** Another cause of the same fault, and what would tell the two apart. */
export interface Rival {
  readonly cause: TracedCause;
  /** The check or probe that tells most of both, if one does. */
  readonly apart: NextCheck | null;
}

/** A cause less likely than this is no rival. */
const THOUGHT_OF = 0.05;
const MOST = 3;

const sharesFault = (a: TracedCause, b: TracedCause): boolean =>
  a.explains.some(({ fault }) => b.explains.some((one) => one.fault === fault));

/** What tells most of both: the more of the less told one, the better. */
function apartOf(a: string, b: string, ranked: readonly NextCheck[]): NextCheck | null {
  const told = ({ tells }: NextCheck) => Math.min(tells[a] ?? 0, tells[b] ?? 0);
  const either = ({ tells }: NextCheck) => (tells[a] ?? 0) + (tells[b] ?? 0);
  const [best] = [...ranked].sort((x, y) => told(y) - told(x) || either(y) - either(x));
  return best && either(best) > 0 ? best : null;
}

/**
 * Causes that could explain a fault instead, most probable first. What is given is no rival, nor what
 * the coach settled.
 */
export const rivalsOf = (
  { causes }: Trace,
  cause: TracedCause,
  ranked: readonly NextCheck[],
): Rival[] =>
  causes
    .filter(
      (one) =>
        one.key !== cause.key &&
        one.kind !== 'given' &&
        one.coach === null &&
        one.p >= THOUGHT_OF &&
        sharesFault(one, cause),
    )
    .slice(0, MOST)
    .map((one) => ({ cause: one, apart: apartOf(cause.key, one.key, ranked) }));

import type { Rep } from '../../records/looks/lookRecord';

/** Mean and standard deviation in seconds; the deviation is 0 of a single repetition. */
export interface Spread {
  readonly mean: number;
  readonly sd: number;
}

export interface Tempo {
  readonly count: number;
  /** null where no repetition was timed. */
  readonly down: Spread | null;
  readonly up: Spread | null;
}

function spreadOf(values: readonly (number | null)[]): Spread | null {
  const timed = values.filter((one) => one !== null);
  if (timed.length === 0) return null;
  const mean = timed.reduce((sum, one) => sum + one, 0) / timed.length;
  const squares = timed.reduce((sum, one) => sum + (one - mean) ** 2, 0);
  return { mean, sd: timed.length > 1 ? Math.sqrt(squares / (timed.length - 1)) : 0 };
}

/** How many repetitions, and how long the way down and the way up took in those that were timed. */
export const tempoOf = (reps: readonly Rep[]): Tempo => ({
  count: reps.length,
  down: spreadOf(reps.map(({ downS }) => downS)),
  up: spreadOf(reps.map(({ upS }) => upS)),
});

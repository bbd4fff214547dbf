import { permutationTest } from './permutationTest';
import { compareMeasures, type Verdict } from './verdict';

export interface SeriesVerdict extends Verdict {
  readonly before: { readonly mean: number; readonly n: number };
  readonly after: { readonly mean: number; readonly n: number };
  readonly change: number;
  /** Smallest change of the two means that is more than measuring error, at 95 %. */
  readonly smallestReal: number;
  /** 95 % interval of the true change. */
  readonly interval: readonly [low: number, high: number];
  /** Exact permutation test; null when there are too many ways or only one reading each. */
  readonly pExact: number | null;
}

const meanOf = (values: readonly number[]): number =>
  values.reduce((sum, one) => sum + one, 0) / values.length;

/**
 * Two series of one measure, taken before and after: the error of a mean of n readings is SEM/√n.
 *
 * @param sem standard error of one reading, in the unit of the readings; must be positive
 * @throws RangeError for an empty series
 */
export function compareSeries(
  before: readonly number[],
  after: readonly number[],
  sem: number,
  betterIs: 'more' | 'less',
): SeriesVerdict {
  if (before.length === 0 || after.length === 0) throw new RangeError('a series is empty');
  const [was, is] = [meanOf(before), meanOf(after)];
  // A difference of two means has the error of two single readings of this size.
  const single = sem * Math.sqrt((1 / before.length + 1 / after.length) / 2);
  const compared = compareMeasures(was, is, single, betterIs);
  return {
    ...compared,
    before: { mean: was, n: before.length },
    after: { mean: is, n: after.length },
    interval: [compared.change - compared.smallestReal, compared.change + compared.smallestReal],
    pExact: before.length + after.length > 2 ? permutationTest(before, after) : null,
  };
}

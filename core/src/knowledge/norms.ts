import { errorParts, semOfMean } from './errorParts';
import type { CheckId, RangeCheck, RangeNorm } from './checks';

/** What a coach holds usual or restricted for one client, where it is not what the table says. */
export interface NormEdit {
  readonly usual: readonly [mean: number, sd: number];
  readonly restricted: readonly [mean: number, sd: number];
  readonly sem: number;
}

/** A client's own norms; a check that is not named has those of the table. */
export type Norms = Readonly<Partial<Record<CheckId, NormEdit>>>;

/**
 * The norm of a range check under a client's own norms, for a value that is the mean of `times`
 * measures: independent repeats shrink the standard error by the root of their number.
 */
export function normFor(
  row: Pick<RangeCheck, 'id' | 'norm'>,
  norms: Norms | undefined,
  times = 1,
): RangeNorm {
  const own = norms?.[row.id as CheckId];
  const norm = own ? { ...row.norm, ...own } : row.norm;
  return times > 1 ? { ...norm, sem: semOfMean(errorParts(norm.sem), times) } : norm;
}

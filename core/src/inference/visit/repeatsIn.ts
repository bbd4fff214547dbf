import { errorParts, semOfMean } from '../../knowledge/errorParts';
import { isUnsteady, ownSem, type Repeats } from '../change/ownSem';
import type { CheckId, RangeCheck, RangeNorm } from '../../knowledge/checks';
import { normFor, type Norms } from '../../knowledge/norms';
import type { CheckRecord } from '../../records/checks/checkRecord';

/** Readings of one check, one side and one way, taken one after the other. */
export interface CheckRepeats {
  readonly check: CheckId;
  readonly readings: Repeats;
}

/**
 * Readings that are all the same may be one mean written down several times, as it comes from a case
 * file: they are left out, and the error is rather a little too large than too small.
 */
const differ = (readings: Repeats): boolean => readings.some((one) => one !== readings[0]);

/** Everything that was read more than once. */
export const repeatsIn = (checks: readonly CheckRecord[]): CheckRepeats[] =>
  checks
    .filter(({ removed }) => !removed)
    .flatMap(({ check, repeats }) =>
      Object.values(repeats)
        .filter(differ)
        .map((readings) => ({ check, readings })),
    );

export interface OwnNorm extends RangeNorm {
  /** Free readings of the client's own that went into the error. */
  readonly own: number;
  /** Those readings lie further apart than the table's error lets them. */
  readonly isUnsteady: boolean;
}

/**
 * The norm of a check for the mean of `times` readings of this client. What comes anew with every reading is
 * drawn toward what the client's own repeats of the check show, and shrinks with the root of their number;
 * what a day brings does not.
 */
export function ownNorm(
  row: Pick<RangeCheck, 'id' | 'norm'>,
  norms: Norms | undefined,
  repeats: readonly CheckRepeats[],
  times = 1,
): OwnNorm {
  const norm = normFor(row, norms);
  const sets = repeats.filter(({ check }) => check === row.id).map(({ readings }) => readings);
  const { withinSem, betweenSem } = errorParts(norm.sem);
  const { sem, own } = ownSem(withinSem, sets);
  return {
    ...norm,
    sem: semOfMean({ withinSem: sem, betweenSem }, times),
    own,
    isUnsteady: isUnsteady(withinSem, sets),
  };
}

import type { Pattern } from '../../body/stance/patterns';
import { SIDES, type Side } from '../../foundation/sides/side';
import type { LimitsDeg } from '../../body/solver/limits';
import { measuredSem, type MeasuredLimits } from './measuredSem';
import { RANGE_SPREADS, RANGES_OF_PATTERN, type UsualRange } from './usualRanges';

/** How far one range may be off: one standard error, in degrees. */
export interface RangeError {
  readonly side: Side;
  readonly limit: UsualRange;
  readonly sdDeg: number;
}

/**
 * What each range of a pattern is known by: the measuring error where it was measured, the spread of
 * healthy people where it is taken as usual.
 */
export const rangeErrors = (pattern: Pattern, measured: MeasuredLimits): RangeError[] =>
  SIDES.flatMap((side) =>
    RANGES_OF_PATTERN[pattern].map((limit) => {
      const isTaken = measured[side]?.[limit] !== undefined;
      const sdDeg = isTaken ? measuredSem(measured, side, limit) : RANGE_SPREADS[limit].sd;
      return { side, limit, sdDeg };
    }),
  );

/** Of a normal error, nineteen times in twenty. */
export const Z95 = 1.96;

const shifted = (limits: LimitsDeg, { side, limit }: RangeError, byDeg: number): LimitsDeg => ({
  ...limits,
  [side]: {
    ...limits[side],
    [limit]: (limits[side]?.[limit] ?? RANGE_SPREADS[limit].usual) + byDeg,
  },
});

/**
 * Half-widths of the 95 % intervals of figures that follow from ranges: independent errors carried
 * through to first order (JCGM 100:2008, 5.1), each slope taken between one standard error less and
 * one more, so that a limit which only just binds counts in part.
 *
 * @param figures what follows from the ranges; always as many numbers
 * @returns one half-width for each number, in its own unit
 */
export function errorsOf(
  limits: LimitsDeg,
  errors: readonly RangeError[],
  figures: (limits: LimitsDeg) => readonly number[],
): number[] {
  const variances = figures(limits).map(() => 0);
  for (const error of errors) {
    const less = figures(shifted(limits, error, -error.sdDeg));
    const more = figures(shifted(limits, error, error.sdDeg));
    less.forEach((value, i) => (variances[i] += ((more[i] - value) / 2) ** 2));
  }
  return variances.map((variance) => Z95 * Math.sqrt(variance));
}

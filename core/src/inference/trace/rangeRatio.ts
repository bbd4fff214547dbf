import type { RangeNorm } from '../../knowledge/checks';
import { clamp } from '../../foundation/numeric/safety';
import { normalDensity } from '../../foundation/numeric/normal';

/** Beyond this no curve of ours is known well enough: 30 decibans. */
const MOST = 1000;

/**
 * Likelihood ratio of a measured range: as if restricted against as if usual (two normal curves,
 * widened by the measuring error). Held at its value two standard deviations outside both means,
 * so that a far outlier is not read the wrong way round; between 1/1000 and 1000.
 */
export function rangeRatio(value: number, { usual, restricted, sem }: RangeNorm): number {
  const [lowEnd, highEnd] =
    usual[0] > restricted[0]
      ? [restricted[0] - 2 * restricted[1], usual[0] + 2 * usual[1]]
      : [usual[0] - 2 * usual[1], restricted[0] + 2 * restricted[1]];
  const x = clamp(value, lowEnd, highEnd);
  const density = ([mean, sd]: readonly [number, number]) =>
    normalDensity(x, mean, Math.hypot(sd, sem));
  return clamp(density(restricted) / density(usual), 1 / MOST, MOST);
}

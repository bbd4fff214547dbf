import { bodyOf, meanLength, type Body } from '../segments/body';
import type { Pattern } from '../stance/patterns';

/**
 * A depth in the pattern's own measure (radians) as a height in centimetres, so that depths can be
 * added: hips over knees, in a hinge shoulders over hips, of a usual body of this height.
 */
export function depthCm(pattern: Pattern, { heightM, massKg }: Body): (depthRad: number) => number {
  const usual = bodyOf(heightM, massKg);
  if (pattern === 'hinge') return (depthRad) => 100 * usual.trunkM * Math.cos(depthRad);
  const thighCm = 100 * meanLength(usual, 'thighM');
  return (depthRad) => thighCm * Math.sin(depthRad);
}

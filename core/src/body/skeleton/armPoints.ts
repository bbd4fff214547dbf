import type { Body } from '../segments/body';
import type { Setup } from '../stance/setup';
import { add, scale, unit, type Vec3 } from '../../foundation/numeric/vector';
import { signOf, type Side } from '../../foundation/sides/side';
import type { ArmPoints } from './skeleton';

/** Unit vectors of the trunk that the arms hang on. */
export interface TrunkFrame {
  readonly up: Vec3;
  readonly forward: Vec3;
  readonly left: Vec3;
  /** Level, the way the body faces. */
  readonly ahead: Vec3;
}

/** Which way the upper arm and forearm point. */
export interface ArmDirections {
  readonly upper: Vec3;
  readonly fore: Vec3;
}

const mixed = (parts: readonly (readonly [k: number, v: Vec3])[]): Vec3 =>
  unit(parts.reduce<Vec3>((sum, [k, v]) => add(sum, scale(v, k)), [0, 0, 0]));

const DOWN: Vec3 = [0, 0, -1];

/** Directions for a way of holding the arms; a little off straight, as living arms are. */
export function armDirections(arms: Setup['arms'], side: Side, trunk: TrunkFrame): ArmDirections {
  const out = signOf(side);
  const { up, forward, left, ahead } = trunk;
  if (arms === 'forward')
    return {
      upper: mixed([
        [1, ahead],
        [out * 0.04, left],
        [0.06, DOWN],
      ]),
      fore: mixed([
        [1, ahead],
        [-out * 0.06, left],
        [-0.02, DOWN],
      ]),
    };
  if (arms === 'overhead')
    return {
      upper: mixed([
        [1, up],
        [out * 0.16, left],
      ]),
      fore: mixed([
        [1, up],
        [-out * 0.06, left],
      ]),
    };
  if (arms === 'crossed')
    return {
      upper: mixed([
        [-0.8, up],
        [0.55, forward],
        [out * 0.25, left],
      ]),
      fore: mixed([
        [0.55, up],
        [0.25, forward],
        [-out * 0.9, left],
      ]),
    };
  return {
    upper: mixed([
      [1, DOWN],
      [0.04, ahead],
      [out * 0.1, left],
    ]),
    fore: mixed([
      [1, DOWN],
      [0.22, ahead],
      [out * 0.03, left],
    ]),
  };
}

/** An arm from the shoulder line, in metres. */
export function armPoints(
  body: Body,
  side: Side,
  chest: Vec3,
  left: Vec3,
  { upper, fore }: ArmDirections,
): ArmPoints {
  const { upperArmM, forearmM, handM } = body.sides[side];
  const shoulder = add(chest, scale(left, (signOf(side) * body.shoulderWidthM) / 2));
  const elbow = add(shoulder, scale(upper, upperArmM));
  const wrist = add(elbow, scale(fore, forearmM));
  return { shoulder, elbow, wrist, fingertip: add(wrist, scale(fore, handM)) };
}

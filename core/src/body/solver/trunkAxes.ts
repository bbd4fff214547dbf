import type { Vec3 } from '../../foundation/numeric/vector';
import { LEAN, SIDE_LEAN, TILT, TURN, type Row } from './variables';

/** Unit vectors of trunk and pelvis. */
export interface TrunkAxes {
  readonly up: Vec3;
  readonly forward: Vec3;
  readonly left: Vec3;
  /** Level, the way the pelvis faces. */
  readonly ahead: Vec3;
  readonly toLeft: Vec3;
  /** From the right hip joint to the left one. */
  readonly pelvisLeft: Vec3;
}

/** The trunk leaned forward, bent to a side, turned with the pelvis; the pelvis turned and tilted. */
export function trunkAxes(q: Readonly<Row>): TrunkAxes {
  const [ct, st] = [Math.cos(q[TURN]), Math.sin(q[TURN])];
  const [cl, sl] = [Math.cos(q[LEAN]), Math.sin(q[LEAN])];
  const [cs, ss] = [Math.cos(q[SIDE_LEAN]), Math.sin(q[SIDE_LEAN])];
  const [cp, sp] = [Math.cos(q[TILT]), Math.sin(q[TILT])];
  const ahead: Vec3 = [ct, st, 0];
  const toLeft: Vec3 = [-st, ct, 0];
  const upright: Vec3 = [ss * toLeft[0], ss * toLeft[1], cs];
  return {
    ahead,
    toLeft,
    up: [cl * upright[0] + sl * ahead[0], cl * upright[1] + sl * ahead[1], cl * upright[2]],
    forward: [cl * ahead[0] - sl * upright[0], cl * ahead[1] - sl * upright[1], -sl * upright[2]],
    left: [cs * toLeft[0], cs * toLeft[1], -ss],
    pelvisLeft: [cp * toLeft[0], cp * toLeft[1], sp],
  };
}

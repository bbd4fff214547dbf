import type { Vec3 } from '../../foundation/numeric/vector';
import { LEAN, LUMBAR, SIDE_LEAN, TILT, TURN, type Row } from './variables';

/** Unit vectors of the pelvis and of the chest above it. */
export interface TrunkAxes {
  /** Of the chest: along the upper spine, out of the breastbone, to the client's left. */
  readonly up: Vec3;
  readonly forward: Vec3;
  readonly left: Vec3;
  /** Level, the way the pelvis faces. */
  readonly ahead: Vec3;
  readonly toLeft: Vec3;
  /** Of the pelvis: from hip line to low back, out of its front, from the right hip joint to the left. */
  readonly pelvisUp: Vec3;
  readonly pelvisForward: Vec3;
  readonly pelvisLeft: Vec3;
}

const turnedBy = (a: number, x: Vec3, b: number, y: Vec3): Vec3 => [
  a * x[0] + b * y[0],
  a * x[1] + b * y[1],
  a * x[2] + b * y[2],
];

/**
 * The chest leaned forward and bent to a side, turned with the pelvis; the pelvis turned, tilted, and
 * leaned by what the low back leaves of the chest's lean.
 */
export function trunkAxes(q: Readonly<Row>): TrunkAxes {
  const [ct, st] = [Math.cos(q[TURN]), Math.sin(q[TURN])];
  const [cl, sl] = [Math.cos(q[LEAN]), Math.sin(q[LEAN])];
  const [cs, ss] = [Math.cos(q[SIDE_LEAN]), Math.sin(q[SIDE_LEAN])];
  const [cp, sp] = [Math.cos(q[TILT]), Math.sin(q[TILT])];
  const pelvisLean = q[LEAN] - q[LUMBAR];
  const [cb, sb] = [Math.cos(pelvisLean), Math.sin(pelvisLean)];
  const ahead: Vec3 = [ct, st, 0];
  const toLeft: Vec3 = [-st, ct, 0];
  const upright: Vec3 = [ss * toLeft[0], ss * toLeft[1], cs];
  const overHips: Vec3 = [-sp * toLeft[0], -sp * toLeft[1], cp];
  return {
    ahead,
    toLeft,
    up: turnedBy(cl, upright, sl, ahead),
    forward: turnedBy(cl, ahead, -sl, upright),
    left: [cs * toLeft[0], cs * toLeft[1], -ss],
    pelvisUp: turnedBy(cb, overHips, sb, ahead),
    pelvisForward: turnedBy(cb, ahead, -sb, overHips),
    pelvisLeft: [cp * toLeft[0], cp * toLeft[1], sp],
  };
}

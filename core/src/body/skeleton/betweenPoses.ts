import { clamp } from '../../foundation/numeric/safety';
import { SIDES, type Side } from '../../foundation/sides/side';
import type { Pose } from './pose';

/** Slow to start and slow to end, as a moved limb is. */
export const eased = (t: number): number => {
  const x = clamp(t, 0, 1);
  return x * x * (3 - 2 * x);
};

const mixed = (a: number, b: number, t: number): number => a + (b - a) * t;

function mixedAngles<T extends object>(a: T, b: T, t: number): T {
  const entries = Object.keys(a).map((key) => [
    key,
    mixed(a[key as keyof T] as number, b[key as keyof T] as number, t),
  ]);
  return Object.fromEntries(entries) as T;
}

/**
 * The pose `t` of the way from one to another, angle by angle: two poses within the joints' limits
 * have only such poses between them. Heights follow from the floor, not from here.
 */
export function betweenPoses(a: Pose, b: Pose, t: number): Pose {
  const both = <T extends object>(of: (pose: Pose, side: Side) => T) =>
    Object.fromEntries(
      SIDES.map((side) => [side, mixedAngles(of(a, side), of(b, side), t)]),
    ) as Record<Side, T>;
  return {
    ...(t < 0.5 ? a : b),
    lean: mixed(a.lean, b.lean, t),
    roll: mixed(a.roll, b.roll, t),
    turn: mixed(a.turn, b.turn, t),
    spine: mixed(a.spine, b.spine, t),
    twist: mixed(a.twist ?? 0, b.twist ?? 0, t),
    head: mixed(a.head, b.head, t),
    legs: both((pose, side) => pose.legs[side]),
    arms: both((pose, side) => pose.arms[side]),
  };
}

/** The same pose with left and right changed over. */
export const mirroredPose = (pose: Pose): Pose => ({
  ...pose,
  roll: -pose.roll,
  turn: -pose.turn,
  twist: -(pose.twist ?? 0),
  legs: { left: pose.legs.right, right: pose.legs.left },
  arms: { left: pose.arms.right, right: pose.arms.left },
});

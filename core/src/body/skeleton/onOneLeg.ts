import type { Pattern } from '../stance/patterns';
import { acosClamped } from '../../foundation/numeric/safety';
import { degOfRad } from '../../foundation/numeric/angle';
import { cross, subtract, unit, type Vec3 } from '../../foundation/numeric/vector';
import { otherSide, type Side } from '../../foundation/sides/side';
import { leg } from './pose';
import { legOf } from './poseSkeleton';
import type { Skeleton } from './skeleton';

/** The free leg in a squat: ahead, more the deeper; at full depth nearly straight and off the floor. */
const AHEAD = { least: 27, each: 0.68, bentKnee: 34, straighterEach: 0.26 } as const;

/** In a hinge it is bent behind while upright, and in line with the trunk once that is down. */
const BEHIND = { each: 0.92, bentKnee: 68, straight: 10 } as const;

/** Bend of the standing thigh from upright, in degrees. */
function bendOf({ legs }: Skeleton, side: Side): number {
  const { hip, knee } = legs[side];
  const down = unit(subtract(knee, hip));
  return degOfRad(acosClamped(-down[2]));
}

function freePose(skeleton: Skeleton, stands: Side, pattern: Pattern) {
  if (pattern === 'hinge') {
    const lean = degOfRad(acosClamped(skeleton.trunkUp[2]));
    const knee = Math.max(BEHIND.straight, BEHIND.bentKnee - lean);
    return leg({ hip: -BEHIND.each * lean, knee, ankle: 4, turnOut: 2 });
  }
  const bend = bendOf(skeleton, stands);
  return leg({
    hip: AHEAD.least + AHEAD.each * bend,
    knee: Math.max(6, AHEAD.bentKnee - AHEAD.straighterEach * bend),
    ankle: 10,
    turnOut: 2,
  });
}

/**
 * A two-legged posture with the other leg taken off the floor: ahead in a squat, behind in line with
 * the trunk in a hinge. For drawing; the solver itself stands on two legs.
 */
export function onOneLeg(skeleton: Skeleton, stands: Side, pattern: Pattern): Skeleton {
  const up: Vec3 = [0, 0, 1];
  const left = unit([skeleton.trunkLeft[0], skeleton.trunkLeft[1], 0]);
  const frame = { up, left, forward: cross(left, up) };
  const free = otherSide(stands);
  const pose = freePose(skeleton, stands, pattern);
  const lifted = legOf(skeleton.body, skeleton.pelvis, frame, pose, free);
  return { ...skeleton, legs: { ...skeleton.legs, [free]: lifted } };
}

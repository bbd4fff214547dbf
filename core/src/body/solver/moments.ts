import { GRAVITY } from '../../foundation/numeric/gravity';
import { CENTRE_FROM_NEAR_END as CENTRE } from '../segments/segmentTable';
import { dot, type Vec3 } from '../../foundation/numeric/vector';
import { signOf, type Side } from '../../foundation/sides/side';
import { wayTo, type HangingLeg, type Hung } from './hangingLeg';
import type { PostureProblem } from './problem';
import { pullOf, weightOf, type PostureState } from './state';
import { LEAN } from './variables';

/** Static moments of one leg, in newton metres; positive: the muscles that straighten it work. */
export interface Moments {
  readonly hip: number;
  readonly knee: number;
  readonly ankle: number;
}

/** One leg's share of all that the ground carries. */
const shareOn = (side: Side, { pressure: { shareLeft } }: PostureState): number =>
  side === 'left' ? shareLeft : 1 - shareLeft;

/** From a joint to a place on the way to the next joint, along a level direction, in metres. */
const partWay = (from: Vec3, a: Vec3, b: Vec3, part: number, way: Vec3): number =>
  (a[0] + part * (b[0] - a[0]) - from[0]) * way[0] +
  (a[1] + part * (b[1] - a[1]) - from[1]) * way[1];

const level = (from: Vec3, to: Vec3, way: Vec3): number =>
  (to[0] - from[0]) * way[0] + (to[1] - from[1]) * way[1];

/** What the ground does to a foot, as a moment about a joint in a level direction. */
function turns(problem: PostureProblem, state: PostureState, side: Side, joint: Vec3, way: Vec3) {
  const press = state.pressure.at[side];
  const back = pullOf(problem, state.q) * way[0] * (joint[2] - press[2]);
  return shareOn(side, state) * (weightOf(problem) * level(joint, press, way) - back);
}

/** What a leg in the air weighs below one of its joints, as a moment in a level direction. */
const hungAlong = (
  { hanging }: PostureProblem,
  leg: HangingLeg,
  joint: keyof Hung,
  way: Vec3,
): number => GRAVITY * dot(wayTo(leg, hanging!.hung[joint]), way);

/** Moment of the ground and of the leg's own weight about the hip, in a level direction. */
export function hipMomentAlong(
  problem: PostureProblem,
  state: PostureState,
  side: Side,
  way: Vec3,
): number {
  const { feet, footKg, shankKg, thighKg } = problem;
  const leg = state.legs[side];
  if (leg.hangs) return -hungAlong(problem, leg, 'hip', way);
  const { hip, knee, ankle } = leg;
  const hangs =
    footKg * level(hip, feet[side].middle, way) +
    shankKg * partWay(hip, knee, ankle, CENTRE.shank, way) +
    thighKg * partWay(hip, hip, knee, CENTRE.thigh, way);
  return turns(problem, state, side, hip, way) - GRAVITY * hangs;
}

/** Of a leg in the air: it is held up against its own weight. */
const hungMoments = (problem: PostureProblem, leg: HangingLeg, ahead: Vec3): Moments => ({
  hip: -hungAlong(problem, leg, 'hip', ahead),
  knee: hungAlong(problem, leg, 'knee', ahead),
  ankle: -hungAlong(problem, leg, 'ankle', ahead),
});

/**
 * What the muscles at the side of the hip hold on one leg, in newton metres; positive: those that keep
 * the pelvis from dropping to the other side.
 */
export const hipAsideMomentOf = (
  problem: PostureProblem,
  state: PostureState,
  side: Side,
): number => -signOf(side) * hipMomentAlong(problem, state, side, state.trunk.toLeft);

/** Moments of one leg's joints: the ground's push on the foot, and what the leg below each weighs. */
export function momentsOf(problem: PostureProblem, state: PostureState, side: Side): Moments {
  const { feet, footKg, shankKg } = problem;
  const leg = state.legs[side];
  if (leg.hangs) return hungMoments(problem, leg, state.trunk.ahead);
  const { forward, shinPlane, middle } = feet[side];
  const { knee, ankle } = leg;
  const belowKnee =
    footKg * level(knee, middle, shinPlane) +
    shankKg * partWay(knee, knee, ankle, CENTRE.shank, shinPlane);
  return {
    ankle:
      turns(problem, state, side, ankle, forward) -
      GRAVITY * footKg * level(ankle, middle, forward),
    knee: GRAVITY * belowKnee - turns(problem, state, side, knee, shinPlane),
    hip: hipMomentAlong(problem, state, side, state.trunk.ahead),
  };
}

/**
 * What the low back carries, in newton metres: all above it, and what the hand on a post does. Positive:
 * the muscles that straighten it work.
 */
export function backMomentOf(
  problem: PostureProblem,
  { q, trunk: { ahead }, lowBack }: PostureState,
): number {
  const { upper, post } = problem;
  const hangs = upper.up * Math.sin(q[LEAN]) + upper.out * Math.cos(q[LEAN]) + upper.ahead;
  const pulled = post ? (post.heldM - lowBack[2]) * pullOf(problem, q) * ahead[0] : 0;
  return GRAVITY * hangs + pulled;
}

import { GRAVITY } from '../../foundation/numeric/gravity';
import { CENTRE_FROM_NEAR_END as CENTRE } from '../segments/segmentTable';
import { add, scale, type Vec3 } from '../../foundation/numeric/vector';
import { SIDES, signOf, type Side } from '../../foundation/sides/side';
import { hangingLegState, wayTo, type HangingLeg } from './hangingLeg';
import { legState, type StandingLeg } from './legState';
import { pressureOf, type Pressure } from './pressure';
import type { PostureProblem } from './problem';
import { trunkAxes, type TrunkAxes } from './trunkAxes';
import { HANGING_KNEE, PULL, RISE, SWIVEL, type Row } from './variables';

type Legs = Readonly<Record<Side, StandingLeg | HangingLeg>>;

/** A posture with everything that limits and balance look at. */
export interface PostureState {
  readonly q: Readonly<Row>;
  readonly trunk: TrunkAxes;
  readonly legs: Legs;
  /** Where the low back bends, and the middle between the shoulders. */
  readonly lowBack: Vec3;
  readonly chest: Vec3;
  /** Centre of mass of body and load, in metres. */
  readonly com: Vec3;
  readonly pressure: Pressure;
}

/** Force on one foot for each unit of share, in newtons. */
export const weightOf = ({ totalKg }: PostureProblem): number => totalKg * GRAVITY;

/** What a hand on a post is pulled forward with, in newtons. */
export const pullOf = ({ body, post }: PostureProblem, q: Readonly<Row>): number =>
  post ? q[PULL] * body.massKg * GRAVITY : 0;

const NOTHING: Vec3 = [0, 0, 0];

/** First moment of a leg in the air, in kg·m. */
function hungMoment({ hanging }: PostureProblem, legs: Legs): Vec3 {
  const leg = hanging && legs[hanging.side];
  return leg?.hangs ? add(scale(leg.hip, hanging!.legKg), wayTo(leg, hanging!.hung.hip)) : NOTHING;
}

/** Centre of mass, linear in hips, knees and the axes of pelvis and chest. */
function centreOf(
  problem: PostureProblem,
  pelvis: Vec3,
  { up, forward, ahead, pelvisUp }: TrunkAxes,
  legs: Legs,
): Vec3 {
  const { upper, totalKg, feetMoment, aboveHipsKg, onPelvis, thighKg, shankKg } = problem;
  const inTheAir = hungMoment(problem, legs);
  const part = (k: 0 | 1 | 2): number => {
    const above = upper.up * up[k] + upper.out * forward[k] + upper.ahead * ahead[k];
    const trunk = aboveHipsKg * pelvis[k] + onPelvis * pelvisUp[k] + above;
    return SIDES.reduce(
      (sum, side) => {
        const { hangs, hip, knee, ankle } = legs[side];
        if (hangs) return sum;
        const thigh = thighKg * (hip[k] + CENTRE.thigh * (knee[k] - hip[k]));
        const shank = shankKg * (knee[k] + CENTRE.shank * (ankle[k] - knee[k]));
        return sum + thigh + shank;
      },
      trunk + feetMoment[k] + inTheAir[k],
    );
  };
  return [part(0) / totalKg, part(1) / totalKg, (part(2) - upper.down) / totalKg];
}

/** Everything that follows from one choice of the free variables. */
export function stateOf(problem: PostureProblem, q: Readonly<Row>): PostureState {
  const { body, feet, post, hanging } = problem;
  const trunk = trunkAxes(q);
  const pelvis: Vec3 = [q[0], q[1], q[2]];
  const leg = (side: Side) => {
    const hip = add(pelvis, scale(trunk.pelvisLeft, (signOf(side) * body.hipWidthM) / 2));
    const limbs = body.sides[side];
    return side === hanging?.side
      ? hangingLegState(limbs, hip, q[SWIVEL[side]], q[HANGING_KNEE], trunk)
      : legState(feet[side], limbs, hip, q[SWIVEL[side]], q[RISE], trunk);
  };
  const legs = { left: leg('left'), right: leg('right') };
  const com = centreOf(problem, pelvis, trunk, legs);
  const pullN = pullOf(problem, q);
  const byPost = post ? (post.heldM * pullN) / weightOf(problem) : 0;
  const pressure = pressureOf(feet, [com[0] + byPost, com[1]]);
  const lowBack = add(pelvis, scale(trunk.pelvisUp, problem.pelvisM));
  return {
    ...{ q, trunk, legs, com, pressure, lowBack },
    chest: add(lowBack, scale(trunk.up, problem.chestM)),
  };
}

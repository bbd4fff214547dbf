import { CENTRE_FROM_NEAR_END as CENTRE } from '../segments/segmentTable';
import { add, scale, type Vec3 } from '../../foundation/numeric/vector';
import { SIDES, signOf, type Side } from '../../foundation/sides/side';
import { legState, type LegState } from './legState';
import { pressureOf, type Pressure } from './pressure';
import { GRAVITY, type PostureProblem } from './problem';
import { trunkAxes, type TrunkAxes } from './trunkAxes';
import { PULL, RISE, SWIVEL, type Row } from './variables';

/** A posture with everything that limits and balance look at. */
export interface PostureState {
  readonly q: Readonly<Row>;
  readonly trunk: TrunkAxes;
  readonly legs: Readonly<Record<Side, LegState>>;
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

/** Centre of mass, linear in hips, knees and the axes of pelvis and chest. */
function centreOf(
  problem: PostureProblem,
  pelvis: Vec3,
  { up, forward, ahead, pelvisUp }: TrunkAxes,
  legs: Readonly<Record<Side, LegState>>,
): Vec3 {
  const { upper, totalKg, feetMoment, aboveHipsKg, onPelvis, thighKg, shankKg } = problem;
  const part = (k: 0 | 1 | 2): number => {
    const above = upper.up * up[k] + upper.out * forward[k] + upper.ahead * ahead[k];
    const trunk = aboveHipsKg * pelvis[k] + onPelvis * pelvisUp[k] + above;
    return SIDES.reduce((sum, side) => {
      const { hip, knee, ankle } = legs[side];
      const thigh = thighKg * (hip[k] + CENTRE.thigh * (knee[k] - hip[k]));
      const shank = shankKg * (knee[k] + CENTRE.shank * (ankle[k] - knee[k]));
      return sum + thigh + shank;
    }, trunk + feetMoment[k]);
  };
  return [part(0) / totalKg, part(1) / totalKg, (part(2) - upper.down) / totalKg];
}

/** Everything that follows from one choice of the free variables. */
export function stateOf(problem: PostureProblem, q: Readonly<Row>): PostureState {
  const { body, feet, post } = problem;
  const trunk = trunkAxes(q);
  const pelvis: Vec3 = [q[0], q[1], q[2]];
  const leg = (side: Side) => {
    const hip = add(pelvis, scale(trunk.pelvisLeft, (signOf(side) * body.hipWidthM) / 2));
    return legState(feet[side], body.sides[side], hip, q[SWIVEL[side]], q[RISE], trunk);
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

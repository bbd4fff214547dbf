import { MASS_TO_BODY as MASS, CENTRE_FROM_UPPER_END as CENTRE } from '../segments/segmentTable';
import { add, scale, type Vec3 } from '../../foundation/numeric/vector';
import { SIDES, signOf, type Side } from '../../foundation/sides/side';
import { legState, type LegState } from './legState';
import type { PostureProblem } from './problem';
import { trunkAxes, type TrunkAxes } from './trunkAxes';
import { RISE, type Row } from './variables';

const GRAVITY = 9.80665;

/** Static moments of one leg, in newton metres; positive: the muscles that straighten it work. */
export interface Moments {
  readonly hip: number;
  readonly knee: number;
  readonly ankle: number;
}

/** A posture with everything that limits, balance and effort look at. */
export interface PostureState {
  readonly q: Readonly<Row>;
  readonly trunk: TrunkAxes;
  readonly legs: Readonly<Record<Side, LegState>>;
  /** Centre of mass of body and load, in metres. */
  readonly com: Vec3;
  /** Share of the weight on the left foot. */
  readonly shareLeft: number;
  /** How far the centre of mass is ahead of the line between the feet's middles, in metres. */
  readonly offLine: number;
  readonly moments: Readonly<Record<Side, Moments>>;
}

/** Centre of mass, linear in hips, knees and the trunk's axes. */
function centreOf(
  { upper, totalKg, feetMoment, body }: PostureProblem,
  pelvis: Vec3,
  { up, forward, ahead }: TrunkAxes,
  legs: Readonly<Record<Side, LegState>>,
): Vec3 {
  const kg = body.massKg;
  const part = (k: 0 | 1 | 2): number => {
    const trunk =
      upper.massKg * pelvis[k] + upper.up * up[k] + upper.out * forward[k] + upper.ahead * ahead[k];
    return SIDES.reduce((sum, side) => {
      const { hip, knee, ankle } = legs[side];
      const thigh = MASS.thigh * kg * (hip[k] + CENTRE.thigh * (knee[k] - hip[k]));
      const shank = MASS.shank * kg * (knee[k] + CENTRE.shank * (ankle[k] - knee[k]));
      return sum + thigh + shank;
    }, trunk + feetMoment[k]);
  };
  return [part(0) / totalKg, part(1) / totalKg, (part(2) - upper.down) / totalKg];
}

function momentsOf(
  { feet, totalKg }: PostureProblem,
  side: Side,
  leg: LegState,
  share: number,
  { ahead }: TrunkAxes,
): Moments {
  const foot = feet[side];
  const force = share * totalKg * GRAVITY;
  const [px, py] = foot.pressure;
  const [ux, uy] = foot.shinPlane;
  return {
    hip: force * ((px - leg.hip[0]) * ahead[0] + (py - leg.hip[1]) * ahead[1]),
    knee: force * ((leg.knee[0] - px) * ux + (leg.knee[1] - py) * uy),
    ankle: force * ((px - leg.ankle[0]) * ux + (py - leg.ankle[1]) * uy),
  };
}

/** Everything that follows from one choice of the free variables. */
export function stateOf(problem: PostureProblem, q: Readonly<Row>): PostureState {
  const { body, feet } = problem;
  const trunk = trunkAxes(q);
  const pelvis: Vec3 = [q[0], q[1], q[2]];
  const leg = (side: Side) => {
    const hip = add(pelvis, scale(trunk.pelvisLeft, (signOf(side) * body.hipWidthM) / 2));
    return legState(feet[side], body.sides[side], hip, q[RISE], trunk);
  };
  const legs = { left: leg('left'), right: leg('right') };
  const com = centreOf(problem, pelvis, trunk, legs);
  const { from, along, across, lengthM } = problem.line;
  const [dx, dy] = [com[0] - from[0], com[1] - from[1]];
  const shareLeft = (dx * along[0] + dy * along[1]) / lengthM;
  return {
    q,
    trunk,
    legs,
    com,
    shareLeft,
    offLine: dx * across[0] + dy * across[1],
    moments: {
      left: momentsOf(problem, 'left', legs.left, shareLeft, trunk),
      right: momentsOf(problem, 'right', legs.right, 1 - shareLeft, trunk),
    },
  };
}

/** Force on one foot for each unit of share, in newtons. */
export const weightOf = ({ totalKg }: PostureProblem): number => totalKg * GRAVITY;

import { GRAVITY } from '../../foundation/numeric/gravity';
import { CENTRE_FROM_NEAR_END as CENTRE } from '../segments/segmentTable';
import { dot, type Vec3 } from '../../foundation/numeric/vector';
import type { Side } from '../../foundation/sides/side';
import { wayTo, type HangingLeg, type Hung } from './hangingLeg';
import type { HangingLegSlopes } from './hangingLegSlopes';
import type { LegSlopes } from './legSlopes';
import type { PostureProblem } from './problem';
import { hipMomentAlong } from './moments';
import { pullOf, weightOf, type PostureState } from './state';
import {
  addScaled,
  LEAN,
  LUMBAR,
  PULL,
  RISE,
  scaled,
  TILT,
  TURN,
  Z,
  zeroRow,
  type Row,
} from './variables';

/** Derivatives of one leg's moments. */
export interface MomentRows {
  readonly hip: Row;
  readonly knee: Row;
  readonly ankle: Row;
  /** At the side of the hip; asked for only on one leg. */
  readonly hipAside: () => Row;
}

/** How much of a moment's arm goes with the hip, the knee and the ankle, in newtons. */
type Places = readonly [hip: number, knee: number, ankle: number];

function placesRow({ along, ankle }: LegSlopes, [hip, knee, heel]: Places, v: Vec3): Row {
  const row = hip === 0 && knee === 0 ? zeroRow() : along(v, hip, knee);
  row[RISE] += heel * dot(v, ankle);
  return row;
}

const UP: Vec3 = [0, 0, 1];

/** What one leg's moments change with. */
interface Changes {
  readonly leg: LegSlopes | HangingLegSlopes;
  readonly share: Row;
  readonly ahead: Row;
  readonly aside: Row;
}

/** A moment of the ground about a joint, and what of the leg's weight hangs there. */
interface About {
  readonly joint: Vec3;
  /** The joint among hip, knee and ankle. */
  readonly at: Places;
  readonly way: Vec3;
  /** Of hanging weights: how the moment changes as hip, knee and ankle move the way. */
  readonly hangs: Places;
}

/** Derivative of the ground's moment about a joint less what hangs from it, in a level direction. */
function momentRow(
  problem: PostureProblem,
  { pressure, q }: PostureState,
  side: Side,
  { leg, share, ahead, aside }: Changes,
  { joint, at, way, hangs }: About,
): Row {
  const [weight, pull] = [weightOf(problem), pullOf(problem, q)];
  const part = side === 'left' ? pressure.shareLeft : 1 - pressure.shareLeft;
  const press = pressure.at[side];
  const arm = (press[0] - joint[0]) * way[0] + (press[1] - joint[1]) * way[1];
  const height = (joint[2] - press[2]) * way[0];
  const carried = part * weight;
  const row = placesRow(
    leg,
    [hangs[0] - carried * at[0], hangs[1] - carried * at[1], hangs[2] - carried * at[2]],
    way,
  );
  addScaled(row, weight * arm - pull * height, share);
  const { alone, pressureBy, pressureAside } = problem.feet[side];
  addScaled(row, carried * dot(pressureBy, way), ahead);
  if (alone) addScaled(row, carried * dot(pressureAside, way), aside);
  if (!problem.post) return row;
  addScaled(row, -part * pull * way[0], placesRow(leg, at, UP));
  row[PULL] -= part * height * problem.body.massKg * GRAVITY;
  return row;
}

/** The hip's moment is taken in the direction that the pelvis faces: what its turn changes. */
const hipByTurn = (problem: PostureProblem, state: PostureState, side: Side): number =>
  hipMomentAlong(problem, state, side, state.trunk.toLeft);

/** Weights that hang below hip, knee and ankle, as they move with those three; newtons. */
function hangingOn({ footKg, shankKg, thighKg }: PostureProblem) {
  const [foot, shank, thigh] = [GRAVITY * footKg, GRAVITY * shankKg, GRAVITY * thighKg];
  const low = CENTRE.shank * shank;
  const hip: Places = [
    foot + shank + CENTRE.thigh * thigh,
    low - shank - CENTRE.thigh * thigh,
    -low,
  ];
  return { hip, knee: [0, foot + low, -low] as Places, ankle: [0, 0, foot] as Places };
}

/** Derivatives of what a leg in the air is held up with. */
function hungSlopes(
  { hanging }: PostureProblem,
  { trunk: { ahead, toLeft } }: PostureState,
  leg: HangingLeg,
  { way }: HangingLegSlopes,
): MomentRows {
  const about = (joint: keyof Hung): Row => {
    const hung = hanging!.hung[joint];
    const row = scaled(-GRAVITY, way(ahead, hung));
    row[TURN] -= GRAVITY * dot(wayTo(leg, hung), toLeft);
    return row;
  };
  return {
    hip: about('hip'),
    knee: scaled(-1, about('knee')),
    ankle: about('ankle'),
    hipAside: zeroRow,
  };
}

/** Derivatives of the moments of one leg. */
export function momentSlopes(
  problem: PostureProblem,
  state: PostureState,
  side: Side,
  changes: Changes,
): MomentRows {
  const leg = state.legs[side];
  if (leg.hangs) return hungSlopes(problem, state, leg, changes.leg as HangingLegSlopes);
  const { forward, shinPlane } = problem.feet[side];
  const { hip, knee, ankle } = leg;
  const hangs = hangingOn(problem);
  const about = (joint: Vec3, at: Places, way: Vec3, hanging: Places): Row =>
    momentRow(problem, state, side, changes, { joint, at, way, hangs: hanging });
  const hipRow = about(hip, [1, 0, 0], state.trunk.ahead, hangs.hip);
  hipRow[TURN] += hipByTurn(problem, state, side);
  return {
    hip: hipRow,
    knee: scaled(-1, about(knee, [0, 1, 0], shinPlane, hangs.knee)),
    ankle: about(ankle, [0, 0, 1], forward, hangs.ankle),
    hipAside: () => {
      const row = about(hip, [1, 0, 0], state.trunk.toLeft, hangs.hip);
      row[TURN] -= hipMomentAlong(problem, state, side, state.trunk.ahead);
      return row;
    },
  };
}

/** Derivative of what the low back carries. */
export function backSlope(problem: PostureProblem, { q, trunk, lowBack }: PostureState): Row {
  const { upper, post, body, pelvisM } = problem;
  const row = zeroRow();
  row[LEAN] = GRAVITY * (upper.up * Math.cos(q[LEAN]) - upper.out * Math.sin(q[LEAN]));
  if (!post) return row;
  const pull = pullOf(problem, q);
  const height = post.heldM - lowBack[2];
  const { ahead, toLeft, pelvisForward, pelvisLeft } = trunk;
  const sinks = -pull * ahead[0];
  row[PULL] = height * body.massKg * GRAVITY * ahead[0];
  row[TURN] = height * pull * toLeft[0];
  row[Z] = sinks;
  row[LEAN] += sinks * pelvisM * pelvisForward[2];
  row[LUMBAR] = -sinks * pelvisM * pelvisForward[2];
  row[TILT] = -sinks * pelvisM * dot(pelvisForward, ahead) * pelvisLeft[2];
  return row;
}

import { MASS_TO_BODY as MASS, CENTRE_FROM_UPPER_END as CENTRE } from '../segments/segmentTable';
import { dot, scale, type Vec3 } from '../../foundation/numeric/vector';
import { SIDES, type Side } from '../../foundation/sides/side';
import { legSlopes, type LegSlopes } from './legSlopes';
import type { PostureProblem } from './problem';
import { weightOf, type PostureState } from './state';
import {
  COUNT,
  LEAN,
  mix,
  RISE,
  scaled,
  SIDE_LEAN,
  TURN,
  X,
  Y,
  zeroRow,
  type Row,
} from './variables';

/** Derivatives of a posture's state with respect to its free variables. */
export interface PostureSlopes {
  readonly legs: Readonly<Record<Side, LegSlopes>>;
  readonly shareLeft: Row;
  readonly offLine: Row;
  /** Asked for only where effort counts. */
  readonly moments: (side: Side) => { readonly hip: Row; readonly knee: Row };
}

/** Derivative of v·(centre of mass) for a level v. */
function centreRow(
  { upper, totalKg, body, feet }: PostureProblem,
  { trunk, legs: at }: PostureState,
  legs: PostureSlopes['legs'],
  v: Vec3,
): Row {
  const { up, forward, ahead, left } = trunk;
  const [thigh, shank] = [MASS.thigh * body.massKg, MASS.shank * body.massKg];
  const onHip = thigh * (1 - CENTRE.thigh);
  const onKnee = thigh * CENTRE.thigh + shank * (1 - CENTRE.shank);
  const row = zeroRow();
  for (const side of SIDES) {
    const leg = legs[side].along(v, onHip, onKnee);
    for (let i = 0; i < COUNT; i++) row[i] += leg[i];
    const foot = feet[side];
    if (foot.rises)
      row[RISE] += shank * CENTRE.shank * (at[side].ankle[2] - foot.floorM) * dot(v, foot.forward);
  }
  const turned: Vec3 = [v[1], -v[0], 0];
  row[X] += upper.massKg * v[0];
  row[Y] += upper.massKg * v[1];
  row[TURN] +=
    upper.up * dot(turned, up) +
    upper.out * dot(turned, forward) +
    upper.ahead * dot(turned, ahead);
  row[LEAN] += upper.up * dot(v, forward) - upper.out * dot(v, up);
  const sideways = upper.up * dot(forward, ahead) - upper.out * dot(up, ahead);
  row[SIDE_LEAN] += sideways * dot(v, left);
  return scaled(1 / totalKg, row);
}

/** Force on a foot times a lever arm: both change. */
function momentRows(
  problem: PostureProblem,
  { trunk, legs: at, moments }: PostureState,
  side: Side,
  legs: PostureSlopes['legs'],
  part: number,
  share: Row,
) {
  const foot = problem.feet[side];
  const force = weightOf(problem);
  const { ahead } = trunk;
  const hipArm = legs[side].along([-ahead[0], -ahead[1], 0], 1, 0);
  const { hip } = at[side];
  const [dx, dy] = [foot.pressure[0] - hip[0], foot.pressure[1] - hip[1]];
  hipArm[TURN] += dy * ahead[0] - dx * ahead[1];
  const kneeArm = legs[side].along(foot.shinPlane, 0, 1);
  return {
    hip: mix(part * force, hipArm, moments[side].hip / part, share),
    knee: mix(part * force, kneeArm, moments[side].knee / part, share),
  };
}

/** Analytic derivatives at a state. */
export function slopesOf(problem: PostureProblem, state: PostureState): PostureSlopes {
  const { body, feet } = problem;
  const { trunk, q } = state;
  const leg = (side: Side) =>
    legSlopes(feet[side], body.sides[side], state.legs[side], q[RISE], body.hipWidthM, trunk);
  const legs = { left: leg('left'), right: leg('right') };
  const { along, across, lengthM } = problem.line;
  const shareLeft = centreRow(problem, state, legs, scale(along, 1 / lengthM));
  const part = state.shareLeft;
  return {
    legs,
    shareLeft,
    offLine: centreRow(problem, state, legs, across),
    moments: (side) =>
      side === 'left'
        ? momentRows(problem, state, side, legs, part, shareLeft)
        : momentRows(problem, state, side, legs, 1 - part, scaled(-1, shareLeft)),
  };
}

import { CENTRE_FROM_NEAR_END as CENTRE } from '../segments/segmentTable';
import { dot, type Vec3 } from '../../foundation/numeric/vector';
import { SIDES, type Side } from '../../foundation/sides/side';
import { legSlopes, type LegSlopes } from './legSlopes';
import { momentSlopes, type MomentRows } from './momentSlopes';
import { pressureSlopes } from './pressure';
import { GRAVITY, type PostureProblem } from './problem';
import { weightOf, type PostureState } from './state';
import {
  addScaled,
  LEAN,
  LUMBAR,
  mix,
  PULL,
  RISE,
  scaled,
  SIDE_LEAN,
  TILT,
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
  /** Of how far ahead of the ankles the feet are pressed. */
  readonly ahead: Row;
  /** Of how far off the line between the feet of a step. */
  readonly aside: Row;
  /** Asked for only where effort counts. */
  readonly moments: (side: Side) => MomentRows;
}

/** Derivative of v·(centre of mass) for a level v. */
function centreRow(
  { upper, totalKg, feet, aboveHipsKg, onPelvis, thighKg, shankKg }: PostureProblem,
  { trunk, legs: at }: PostureState,
  legs: PostureSlopes['legs'],
  v: Vec3,
): Row {
  const { up, forward, ahead, left, pelvisUp, pelvisForward, pelvisLeft } = trunk;
  const onHip = thighKg * (1 - CENTRE.thigh);
  const onKnee = thighKg * CENTRE.thigh + shankKg * (1 - CENTRE.shank);
  const row = zeroRow();
  for (const side of SIDES) {
    addScaled(row, 1, legs[side].along(v, onHip, onKnee));
    const foot = feet[side];
    if (foot.rises)
      row[RISE] +=
        shankKg * CENTRE.shank * (at[side].ankle[2] - foot.floorM) * dot(v, foot.forward);
  }
  const turned: Vec3 = [v[1], -v[0], 0];
  row[X] += aboveHipsKg * v[0];
  row[Y] += aboveHipsKg * v[1];
  row[TURN] +=
    onPelvis * dot(turned, pelvisUp) +
    upper.up * dot(turned, up) +
    upper.out * dot(turned, forward) +
    upper.ahead * dot(turned, ahead);
  row[TILT] -= onPelvis * dot(pelvisForward, ahead) * dot(v, pelvisLeft);
  row[LEAN] +=
    onPelvis * dot(v, pelvisForward) + upper.up * dot(v, forward) - upper.out * dot(v, up);
  row[LUMBAR] -= onPelvis * dot(v, pelvisForward);
  const sideways = upper.up * dot(forward, ahead) - upper.out * dot(up, ahead);
  row[SIDE_LEAN] += sideways * dot(v, left);
  return scaled(1 / totalKg, row);
}

/** Derivatives of where the ground pushes, along x and along y. */
function pointRows(problem: PostureProblem, state: PostureState, legs: PostureSlopes['legs']) {
  const { post, body } = problem;
  const x = centreRow(problem, state, legs, [1, 0, 0]);
  if (post) x[PULL] += (post.heldM * body.massKg * GRAVITY) / weightOf(problem);
  return [x, centreRow(problem, state, legs, [0, 1, 0])] as const;
}

/** Analytic derivatives at a state. */
export function slopesOf(problem: PostureProblem, state: PostureState): PostureSlopes {
  const { body, feet } = problem;
  const { trunk, q, pressure } = state;
  const leg = (side: Side) =>
    legSlopes(feet[side], body.sides[side], state.legs[side], q, body.hipWidthM, trunk);
  const legs = { left: leg('left'), right: leg('right') };
  const [x, y] = pointRows(problem, state, legs);
  const by = pressureSlopes(feet, pressure);
  const shareLeft = mix(by.shareLeft[0], x, by.shareLeft[1], y);
  const ahead = mix(by.ahead[0], x, by.ahead[1], y);
  const shareOf = (side: Side) => (side === 'left' ? shareLeft : scaled(-1, shareLeft));
  return {
    legs,
    shareLeft,
    ahead,
    aside: mix(by.aside[0], x, by.aside[1], y),
    moments: (side) => momentSlopes(problem, state, side, legs[side], shareOf(side), ahead),
  };
}

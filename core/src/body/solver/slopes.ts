import { GRAVITY } from '../../foundation/numeric/gravity';
import { CENTRE_FROM_NEAR_END as CENTRE } from '../segments/segmentTable';
import { dot, type Vec3 } from '../../foundation/numeric/vector';
import { SIDES, type Side } from '../../foundation/sides/side';
import { hangingLegSlopes, type HangingLegSlopes } from './hangingLegSlopes';
import { legSlopes, type LegSlopes } from './legSlopes';
import { momentSlopes, type MomentRows } from './momentSlopes';
import { pressureSlopes } from './pressure';
import type { PostureProblem } from './problem';
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
  readonly legs: Readonly<Record<Side, LegSlopes | HangingLegSlopes>>;
  readonly shareLeft: Row;
  /** Of how far ahead of the ankles the feet are pressed. */
  readonly ahead: Row;
  /** Of how far off the line between the feet of a step, or off that of the foot that stands alone. */
  readonly aside: Row;
  /** Asked for only where effort counts. */
  readonly moments: (side: Side) => MomentRows;
}

/** Derivative of v·(centre of mass) for a level v. */
function centreRow(
  { upper, totalKg, feet, aboveHipsKg, onPelvis, thighKg, shankKg, hanging }: PostureProblem,
  { trunk, legs: at }: PostureState,
  legs: PostureSlopes['legs'],
  v: Vec3,
): Row {
  const { up, forward, ahead, left, pelvisUp, pelvisForward, pelvisLeft } = trunk;
  const onHip = thighKg * (1 - CENTRE.thigh);
  const onKnee = thighKg * CENTRE.thigh + shankKg * (1 - CENTRE.shank);
  const row = zeroRow();
  for (const side of SIDES) {
    const leg = legs[side];
    if (hanging && 'way' in leg) {
      addScaled(row, 1, leg.along(v, hanging.legKg, 0));
      addScaled(row, 1, leg.way(v, hanging.hung.hip));
      continue;
    }
    addScaled(row, 1, leg.along(v, onHip, onKnee));
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
  const leg = (side: Side) => {
    const at = state.legs[side];
    const limbs = body.sides[side];
    return at.hangs
      ? hangingLegSlopes(at, side, limbs, body.hipWidthM, trunk)
      : legSlopes(feet[side], limbs, at, q, body.hipWidthM, trunk);
  };
  const legs = { left: leg('left'), right: leg('right') };
  const [x, y] = pointRows(problem, state, legs);
  const by = pressureSlopes(feet, pressure);
  const shareLeft = mix(by.shareLeft[0], x, by.shareLeft[1], y);
  const ahead = mix(by.ahead[0], x, by.ahead[1], y);
  const aside = mix(by.aside[0], x, by.aside[1], y);
  const shareOf = (side: Side) => (side === 'left' ? shareLeft : scaled(-1, shareLeft));
  return {
    legs,
    shareLeft,
    ahead,
    aside,
    moments: (side) =>
      momentSlopes(problem, state, side, { leg: legs[side], share: shareOf(side), ahead, aside }),
  };
}

import { add, between, scale, unit, type Vec3 } from '../../foundation/numeric/vector';
import { SIDES, type Side } from '../../foundation/sides/side';
import { BALL_AHEAD, HEEL_BEHIND, TOE_AHEAD } from '../solver/feet';
import { onSole, wayTo, type HangingLeg } from '../solver/hangingLeg';
import type { PostureProblem } from '../solver/problem';
import type { PostureState } from '../solver/state';
import { armsOf } from '../solver/upperMass';
import { RISE } from '../solver/variables';
import { armDirections, armPoints } from './armPoints';
import type { LegPoints, Skeleton } from './skeleton';
import type { Posed } from './squatPosture';

const UP: Vec3 = [0, 0, 1];

/** A solved leg in the air, its foot at a right angle to the shin. */
function hangingPoints({ body }: PostureProblem, leg: HangingLeg, side: Side): LegPoints {
  const { footM } = body.sides[side];
  const { hip, knee, ankle, shin, hinge } = leg;
  const footUp = scale(shin.down, -1);
  const ball = add(hip, wayTo(leg, onSole(body.sides[side], BALL_AHEAD)));
  return {
    ...{ hip, knee, ankle, ball, footUp },
    heel: add(ball, scale(shin.front, -(BALL_AHEAD + HEEL_BEHIND) * footM)),
    toe: add(ball, scale(shin.front, (TOE_AHEAD - BALL_AHEAD) * footM)),
    footForward: shin.front,
    toeForward: shin.front,
    hinge: hinge(),
  };
}

/** A solved leg with its foot: flat, pitched by a wedge, or risen onto its ball. */
function legPoints(problem: PostureProblem, { legs, q }: PostureState, side: Side): LegPoints {
  const leg = legs[side];
  if (leg.hangs) return hangingPoints(problem, leg, side);
  const { feet, body } = problem;
  const foot = feet[side];
  const { footM, ankleHeightM } = body.sides[side];
  const { hip, knee, ankle, hinge } = leg;
  const pitch = foot.rises ? q[RISE] : foot.pitchRad;
  const level = foot.forward;
  const footForward = unit(add(scale(level, Math.cos(pitch)), scale(UP, -Math.sin(pitch))));
  const footUp = unit(add(scale(level, Math.sin(pitch)), scale(UP, Math.cos(pitch))));
  const ball = add(
    ankle,
    add(scale(footForward, BALL_AHEAD * footM), scale(footUp, -ankleHeightM)),
  );
  return {
    hip,
    knee,
    ankle,
    ball,
    heel: add(ball, scale(footForward, -(BALL_AHEAD + HEEL_BEHIND) * footM)),
    toe: add(ball, scale(level, (TOE_AHEAD - BALL_AHEAD) * footM)),
    footForward,
    footUp,
    toeForward: level,
    hinge: unit(hinge()),
  };
}

/** Every joint of a posture that the solver found or that was built from its variables. */
export function skeletonOf({ problem, state }: Posed): Skeleton {
  const { body, stance } = problem;
  const { up, forward, left, ahead } = state.trunk;
  const pelvis: Vec3 = [state.q[0], state.q[1], state.q[2]];
  const { lowBack, chest } = state;
  // In the model head and neck go on in line with the trunk; the drawn head looks up a little.
  const headUp = unit(between(up, UP, 0.35));
  const both = <T>(of: (side: Side) => T) =>
    Object.fromEntries(SIDES.map((side) => [side, of(side)])) as Record<Side, T>;
  const arm = (side: Side) => armDirections(armsOf(stance), side, { up, forward, left, ahead });
  return {
    body,
    pelvis,
    lowBack,
    chest,
    pelvisUp: state.trunk.pelvisUp,
    headTop: add(chest, scale(headUp, body.headM)),
    trunkUp: up,
    trunkForward: forward,
    trunkLeft: left,
    legs: both((side) => legPoints(problem, state, side)),
    arms: both((side) => armPoints(body, side, chest, left, arm(side))),
  };
}

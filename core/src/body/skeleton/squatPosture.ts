import type { Body } from '../segments/body';
import type { Setup } from '../stance/setup';
import { radOfDeg } from '../../foundation/numeric/angle';
import { MIDDLE_AHEAD } from '../solver/feet';
import { usualCapacities } from '../solver/capacities';
import { limitsOf } from '../solver/limits';
import { problemOf, type PostureProblem } from '../solver/problem';
import { balancedLean, oneLegStart, squareStart } from '../solver/start';
import { stanceOf } from '../solver/stance';
import { stateOf, type PostureState } from '../solver/state';
import { LEAN, LUMBAR, SIDE_LEAN, TURN, Y } from '../solver/variables';

/** Where on a repetition the body is. */
export interface SquatAim {
  /** 0 thighs level, positive not there yet (knee below the hip), 90 standing. */
  readonly thighDeg: number;
  readonly shinLeanDeg: number;
  /** Hips moved to the client's left, in metres; negative to the right. */
  readonly shiftM?: number;
  readonly turnDeg?: number;
  readonly sideLeanDeg?: number;
  /** How far the low back rounds; the pelvis stays that much behind the chest. */
  readonly lumbarDeg?: number;
  /** Trunk lean when it was seen; otherwise the lean that balances the body over mid-foot. */
  readonly trunkLeanDeg?: number;
}

/** A posture together with the body and stance it belongs to. */
export interface Posed {
  readonly problem: PostureProblem;
  readonly state: PostureState;
}

/**
 * A squat with both feet flat, for drawing what was seen: the legs close the chain from the feet to
 * hips of the asked height, the trunk leans until the body is balanced, all in closed form. It
 * knows no limits; whether this client can get there is the solver's question.
 */
export function squatPosture(body: Body, setup: Setup, aim: SquatAim): Posed {
  const stance = stanceOf('squat', setup, body.heightM);
  const problem = problemOf(body, stance, limitsOf(), usualCapacities(body.massKg));
  const [thighRad, leanRad] = [radOfDeg(aim.thighDeg), radOfDeg(aim.shinLeanDeg)];
  const q = stance.oneLeg
    ? oneLegStart(problem, stance.oneLeg, thighRad, leanRad)
    : squareStart(problem, thighRad, leanRad);
  q[Y] += aim.shiftM ?? 0;
  q[TURN] = radOfDeg(aim.turnDeg ?? 0);
  q[SIDE_LEAN] = radOfDeg(aim.sideLeanDeg ?? 0);
  q[LUMBAR] = radOfDeg(aim.lumbarDeg ?? 0);
  q[LEAN] =
    aim.trunkLeanDeg === undefined
      ? balancedLean(problem, q, MIDDLE_AHEAD)
      : radOfDeg(aim.trunkLeanDeg);
  return { problem, state: stateOf(problem, q) };
}

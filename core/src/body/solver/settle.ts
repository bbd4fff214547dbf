import { bindingAt, type Binding } from './binding';
import { deepest } from './deepest';
import { atDepth, patternDepth, thighDepth, type DepthMeasure } from './depth';
import { descend, type Descent, type Task } from './descend';
import { excessAt, type Excess } from './excess';
import { leastEffort } from './goals';
import { SAME_DEPTH } from './lowest';
import type { PostureProblem } from './problem';
import { squareReaches } from './square';
import { moved, shallow, startOf } from './start';
import type { PostureState } from './state';
import { freeOf, LUMBAR, SIDE_LEAN, squareOf, TILT, TURN, Y, type Row } from './variables';

/** How deep: a thigh angle for any pattern, or a trunk lean for a hinge. Radians. */
export type DepthAim = { readonly thighRad: number } | { readonly leanRad: number };

export type Settled =
  | {
      readonly status: 'settled';
      readonly state: PostureState;
      readonly binding: readonly Binding[];
      /** Steps it took; 0 for a depth that only the deepest posture has. */
      readonly rounds: number;
    }
  /** The depth is out of reach; what is in the way and by how much (radians, metres or a share). */
  | { readonly status: 'blocked'; readonly by: readonly Excess[] };

const measureOf = (problem: PostureProblem, aim: DepthAim): [DepthMeasure, number] =>
  'thighRad' in aim ? [thighDepth(problem), aim.thighRad] : [patternDepth(problem), -aim.leanRad];

export function settleTask(problem: PostureProblem, aim: DepthAim): Task {
  const [measure, depth] = measureOf(problem, aim);
  return {
    problem,
    free: freeOf(problem.stance),
    goal: leastEffort(problem),
    equalities: [atDepth(measure, depth)],
    conditions: problem.conditions,
  };
}

/**
 * How this body will most likely stand at a depth: least effort inside the limits. `from` is a
 * posture near by, when there is one, such as the last one of a slider.
 */
export function settle(problem: PostureProblem, aim: DepthAim, from?: Readonly<Row>): Settled {
  const task = settleTask(problem, aim);
  const start = startOf(problem, 'thighRad' in aim ? aim.thighRad : shallow(problem));
  let descent = descend(task, from ?? start);
  if (descent.status === 'stuck' && from) descent = descend(task, start);
  if (descent.status === 'stuck') descent = fromEitherSide(task, descent, start);
  if (descent.status === 'found') descent = orOtherValley(task, descent, start);
  if (descent.status === 'found' && isGranted(problem, aim, descent.state))
    return settledAt(task, descent.state, descent.rounds);
  return againstDeepest(problem, aim, task, descent, start);
}

/** Where square postures are all impossible, one has to start from twisted ones. */
function fromEitherSide(task: Task, stuck: Descent, start: Readonly<Row>): Descent {
  for (const shiftM of [TO_EITHER_SIDE, -TO_EITHER_SIDE]) {
    const descent = descend(task, moved(start, shiftM));
    if (descent.status === 'found') return descent;
  }
  return stuck;
}

/** So many limits at their end leave a valley to either side; more of them, two to one side. */
const MANY_BOUND = 3;
/** Metres to where the valleys begin. */
const TO_EITHER_SIDE = 0.1;

/** Between a low back as in standing and one as round as neutral goes, in radians. */
const BACKS = [0, 0.17] as const;

/** On one leg a flat low back or a rounder one may hold the other leg more easily: both are tried. */
function orOtherBack(task: Task, found: Descent): Descent {
  const start = [...found.state.q];
  start[LUMBAR] = BACKS[start[LUMBAR] > (BACKS[0] + BACKS[1]) / 2 ? 0 : 1];
  const other = descend(task, start);
  const { value } = task.goal;
  return other.status === 'found' && value(other.state) < value(found.state) ? other : found;
}

/** Pressed from all sides, a body may stand more easily over the other foot: both are tried. */
function orOtherValley(task: Task, found: Descent, start: Readonly<Row>): Descent {
  if (task.problem.hanging) return orOtherBack(task, found);
  const bound = bindingAt(task.conditions, found.state).length;
  const shift = found.state.q[Y];
  if (bound < MANY_BOUND || Math.abs(shift) < 1e-4) return found;
  const across = -Math.sign(shift) * TO_EITHER_SIDE;
  const shifts = bound === MANY_BOUND ? [across] : [across, -across];
  const others = shifts.map((shiftM) => descend(task, moved(start, shiftM)));
  const value = ({ state }: Descent) => task.goal.value(state);
  return others
    .filter(({ status }) => status === 'found')
    .reduce((best, other) => (value(other) < value(best) ? other : best), found);
}

/** A twist that leads below what `deepest` grants is not a posture of this body. */
function isGranted(problem: PostureProblem, aim: DepthAim, state: PostureState): boolean {
  const { rear, oneLeg, pattern } = problem.stance;
  if (oneLeg) return isFoundSquare(problem, aim, state);
  const twist = [Y, TURN, TILT, SIDE_LEAN].some((variable) => Math.abs(state.q[variable]) > 1e-6);
  if (rear || !twist) return true;
  if (pattern === 'hinge' && 'thighRad' in aim) return true;
  const [, depth] = measureOf(problem, aim);
  return squareReaches(problem, depth);
}

/** Whether a body on one leg stands at a depth without turn, tilt or side lean, too. */
function isFoundSquare(problem: PostureProblem, aim: DepthAim, { q }: PostureState): boolean {
  const level = [...q];
  for (const variable of [TURN, TILT, SIDE_LEAN]) level[variable] = 0;
  const task = { ...settleTask(problem, aim), free: squareOf(problem.stance) };
  return descend(task, level).status === 'found';
}

const settledAt = (task: Task, state: PostureState, rounds: number): Settled => ({
  status: 'settled',
  state,
  binding: bindingAt(task.conditions, state),
  rounds,
});

/** A depth that `deepest` does not grant is out of reach, however one twists. */
function againstDeepest(
  problem: PostureProblem,
  aim: DepthAim,
  task: Task,
  descent: Descent,
  start: Readonly<Row>,
): Settled {
  const [measure, depth] = measureOf(problem, aim);
  const low = deepest(problem);
  const granted = low.status === 'reached' && measure.value(low.state) <= depth + SAME_DEPTH;
  if (granted && descent.status === 'found') return settledAt(task, descent.state, descent.rounds);
  if (granted) {
    const again = descend(task, low.state.q);
    if (again.status === 'found') {
      const { state, rounds } = orOtherValley(task, again, start);
      return settledAt(task, state, rounds);
    }
    if (measure.value(low.state) > depth - 1e-5) return settledAt(task, low.state, 0);
  }
  return {
    status: 'blocked',
    by: excessAt(problem, task.equalities, startOf(problem, shallow(problem))),
  };
}

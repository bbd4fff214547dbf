import { patternDepth } from './depth';
import { descend, type Task } from './descend';
import { lowest } from './goals';
import type { PostureProblem } from './problem';
import type { PostureState } from './state';
import { SIDES, type Side } from '../../foundation/sides/side';
import { SWIVEL, type Row } from './variables';

/** The lowest posture that these variables can reach. */
export const lowestTask = (problem: PostureProblem, free: readonly number[]): Task => ({
  problem,
  free,
  goal: lowest(patternDepth(problem)),
  equalities: [],
  conditions: problem.conditions,
});

/** Where the first start that arrives leads; null when none does. */
export function firstFound(task: Task, starts: readonly Readonly<Row>[]): PostureState | null {
  for (const start of starts) {
    const descent = descend(task, start);
    if (descent.status === 'found') return descent.state;
  }
  return null;
}

/** A knee turned in by so much gets out of the valley with that knee out. */
export const KNEE_IN = -0.3;
const KNEES_IN: readonly (readonly Side[])[] = [['left'], ['right'], SIDES];

/**
 * With uneven sides a knee may do better turned in: either and both are tried, from a lowest posture with the
 * knees where they came to be.
 */
export function lowestKnees(task: Task, found: PostureState): PostureState {
  const { value } = task.goal;
  return KNEES_IN.reduce((lowest, sides) => {
    const start = [...found.q];
    for (const side of sides) start[SWIVEL[side]] = KNEE_IN;
    const other = firstFound(task, [start]);
    return other && value(other) < value(lowest) ? other : lowest;
  }, found);
}

/** Depths nearer to each other than this are one depth to the solver, in radians. */
export const SAME_DEPTH = 1e-7;

import { balanceOf, patternDepth } from './depth';
import { descend, type Task } from './descend';
import { lowest } from './goals';
import type { PostureProblem } from './problem';
import type { PostureState } from './state';
import type { Row } from './variables';

/** The lowest posture that these variables can reach. */
export const lowestTask = (problem: PostureProblem, free: readonly number[]): Task => ({
  problem,
  free,
  goal: lowest(patternDepth(problem)),
  equalities: balanceOf(problem),
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

/** Depths nearer to each other than this are one depth to the solver, in radians. */
export const SAME_DEPTH = 1e-7;

import { radOfDeg } from '../../foundation/numeric/angle';
import { firstFound, lowestKnees, lowestOf, lowestTask } from './lowest';
import type { PostureProblem } from './problem';
import { startOf } from './start';
import type { PostureState } from './state';
import { squareOf } from './variables';

/** How steep the thigh is where a search begins, in degrees: high up, on the way and far down. */
const STARTS_DEG = { squat: [30, 55, 5], hinge: [72, 60] } as const;

/**
 * The lowest posture on one leg, the pelvis level and square to the front and the trunk to no side: turning
 * or leaning out of that is the fault, not the pattern. null where nobody can stand.
 */
export function lowestOnOneLeg(problem: PostureProblem): PostureState | null {
  const task = lowestTask(problem, squareOf(problem.stance));
  const starts = STARTS_DEG[problem.stance.pattern === 'hinge' ? 'hinge' : 'squat'];
  const found = starts.map((deg) => firstFound(task, [startOf(problem, radOfDeg(deg))]));
  const lowest = lowestOf(
    problem,
    found.flatMap((state) => state ?? []),
  );
  return lowest && lowestKnees(task, lowest);
}

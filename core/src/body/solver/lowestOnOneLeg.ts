import { radOfDeg } from '../../foundation/numeric/angle';
import { firstFound, lowestKnees, lowestOf, lowestTask } from './lowest';
import type { PostureProblem } from './problem';
import { startOf } from './start';
import type { PostureState } from './state';
import { LEAN, LUMBAR, squareOf, SWIVEL, X, type Row } from './variables';

/** Where a search begins: how steep the thigh is, in degrees, and what else is there from the start. */
interface OneLegStart {
  readonly thighDeg: number;
  /** The knee over its foot, and the low back as in standing. */
  readonly straight?: true;
}

/** High up, on the way and far down; nearly straight, a leg has more valleys. */
const STARTS: Readonly<Record<'squat' | 'hinge', readonly OneLegStart[]>> = {
  squat: [{ thighDeg: 30 }, { thighDeg: 55 }, { thighDeg: 5 }],
  hinge: [
    { thighDeg: 72 },
    { thighDeg: 60 },
    { thighDeg: 72, straight: true },
    { thighDeg: 60, straight: true },
  ],
};

/** Pressed from all sides a search may stick: then it begins a little ahead, behind, or leaned otherwise. */
const NEAR_BY = [
  { aheadM: 0, leanRad: 0 },
  { aheadM: 0.04, leanRad: 0 },
  { aheadM: -0.04, leanRad: 0 },
  { aheadM: 0, leanRad: -0.3 },
  { aheadM: 0.04, leanRad: 0.3 },
];

function waysFrom(problem: PostureProblem, { thighDeg, straight }: OneLegStart): readonly Row[] {
  const start = startOf(problem, radOfDeg(thighDeg));
  if (straight) {
    start[SWIVEL[problem.stance.oneLeg!]] = 0;
    start[LUMBAR] = 0;
  }
  return NEAR_BY.map(({ aheadM, leanRad }) => {
    const q = [...start];
    q[X] += aheadM;
    q[LEAN] += leanRad;
    return q;
  });
}

/**
 * The lowest posture on one leg, the pelvis level and square to the front and the trunk to no side: turning
 * or leaning out of that is the fault, not the pattern. null where nobody can stand.
 */
export function lowestOnOneLeg(problem: PostureProblem): PostureState | null {
  const task = lowestTask(problem, squareOf(problem.stance));
  const starts = STARTS[problem.stance.pattern === 'hinge' ? 'hinge' : 'squat'];
  const found = starts.map((start) => firstFound(task, waysFrom(problem, start)));
  const lowest = lowestOf(
    problem,
    found.flatMap((state) => state ?? []),
  );
  return lowest && lowestKnees(task, lowest);
}

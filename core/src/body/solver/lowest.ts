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

/** The lowest of several postures. */
export function lowestOf(
  problem: PostureProblem,
  states: readonly PostureState[],
): PostureState | null {
  const depth = patternDepth(problem).value;
  return states.reduce<PostureState | null>(
    (low, state) => (low && depth(low) <= depth(state) ? low : state),
    null,
  );
}

/** A knee turned in by so much gets out of the valley with that knee out; a nearly straight one also the other way. */
export const KNEE_IN = -0.3;
export const KNEE_OUT = 0.5;

/** Swivels to try, in radians. */
type Swivels = Partial<Readonly<Record<Side, number>>>;
const eitherOrBoth = (rad: number): readonly Swivels[] => [
  { left: rad },
  { right: rad },
  { left: rad, right: rad },
];
const KNEES_IN = eitherOrBoth(KNEE_IN);
const TOGETHER: readonly Swivels[] = [KNEE_IN, KNEE_OUT].map((rad) => ({ left: rad, right: rad }));
const EITHER_WAY = [...KNEES_IN, ...eitherOrBoth(KNEE_OUT)];

function swivelsOf({ stance: { oneLeg, pattern } }: PostureProblem): readonly Swivels[] {
  if (oneLeg) return [{ [oneLeg]: KNEE_IN }, { [oneLeg]: KNEE_OUT }];
  return pattern === 'hinge' ? EITHER_WAY : KNEES_IN;
}

/**
 * With uneven sides a knee may do better turned in, in a hinge and on one leg also turned out: each is tried,
 * from a lowest posture with the knees where they came to be.
 */
export const lowestKnees = (task: Task, found: PostureState): PostureState =>
  lowestWith(task, found, swivelsOf(task.problem));

/** The same for a square posture: both knees in, or both out. */
export const lowestKneesTogether = (task: Task, found: PostureState): PostureState =>
  lowestWith(task, found, TOGETHER);

/** Whether each knee that would be turned is on that side of its foot already. */
const isThere = (q: Readonly<Row>, swivels: Swivels): boolean =>
  SIDES.every((side) => {
    const turned = swivels[side];
    return turned === undefined || q[SWIVEL[side]] * turned > 0;
  });

function lowestWith(task: Task, found: PostureState, all: readonly Swivels[]): PostureState {
  const { value } = task.goal;
  const others = all.filter((swivels) => !isThere(found.q, swivels));
  return others.reduce((lowest, swivels) => {
    const start = [...found.q];
    for (const side of SIDES) start[SWIVEL[side]] = swivels[side] ?? start[SWIVEL[side]];
    const other = firstFound(task, [start]);
    return other && value(other) < value(lowest) ? other : lowest;
  }, found);
}

/** Depths nearer to each other than this are one depth to the solver, in radians. */
export const SAME_DEPTH = 1e-7;

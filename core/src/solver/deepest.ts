import { withLimbsOf } from '../body/body';
import { SIDES, type Side } from '../sides/side';
import { bindingAt, type Binding } from './binding';
import type { Condition } from './conditions';
import { excessAt, type Excess } from './excess';
import { atDepth, balanceOf, patternDepth } from './depth';
import { descend, type Task } from './descend';
import { lowest, squarest } from './goals';
import { bestOfBoth } from './limits';
import { problemOf, withLimits, type PostureProblem } from './problem';
import { stateOf, type PostureState } from './state';
import { moved, shallow, shinsOver, startOf } from './start';
import type { Stance } from './stance';
import { freeOf, mix, squareOf, Y, type Row } from './variables';

export type Deepest =
  | {
      readonly status: 'reached';
      readonly state: PostureState;
      /** In the pattern's own measure, radians: see `patternDepth`. */
      readonly depthRad: number;
      readonly binding: readonly Binding[];
    }
  /** The body cannot stand in this stance at all; what is in the way, and by how much. */
  | { readonly status: 'impossible'; readonly by: readonly Excess[] };

const lowestTask = (problem: PostureProblem, free: readonly number[]): Task => ({
  problem,
  free,
  goal: lowest(patternDepth(problem)),
  equalities: balanceOf(problem),
  conditions: problem.conditions,
});

/** Depths nearer to each other than this are one depth to the solver, in radians. */
export const SAME_DEPTH = 1e-7;

/**
 * The lowest balanced posture inside the hard limits, and which limits bind there.
 *
 * Sliding, turning and tilting may make up for a side that is short, but they take nobody deeper
 * than he would go, square, with both sides as good as the better one: without that bound every
 * body, also one with equal sides, would be lowest in a twist. The depth is the less deep of two
 * optima, each of which can only get worse when a range does, so less range never goes lower.
 */
export function deepest(problem: PostureProblem): Deepest {
  if (problem.stance.rear) return lowestOf(problem, [[() => startOf(problem, shallow(problem))]]);
  const square = squareLowest(problem);
  if (isMirrored(problem)) return square ? reached(problem, square) : impossibleOf(problem);
  const bound = squareBound(problem);
  const isLowest = square && patternDepth(problem).value(square) <= bound + SAME_DEPTH;
  return isLowest ? reached(problem, square) : compensated(problem, square, bound);
}

/** Twisted as far as it helps, and then no deeper than `bound`. */
function compensated(problem: PostureProblem, square: PostureState | null, bound: number): Deepest {
  const from = square ? square.q : startOf(problem, shallow(problem));
  const valleys = TO_EITHER_SIDE.map((shifts) => shifts.map((m) => () => moved(from, m)));
  const free = lowestOf(problem, valleys, bound);
  if (free.status !== 'reached' || free.depthRad >= bound) return free;
  const fromDepth = square ? patternDepth(problem).value(square) : bound;
  const part = (bound - free.depthRad) / Math.max(fromDepth - free.depthRad, 1e-9);
  const between = mix(1 - part, free.state.q, part, from);
  for (const start of [between, from, free.state.q]) {
    const state = squarestAt(problem, start, bound);
    if (state) return reached(problem, state);
  }
  return free;
}

function reached(problem: PostureProblem, state: PostureState): Deepest {
  return {
    status: 'reached',
    state,
    depthRad: patternDepth(problem).value(state),
    binding: bindingAt(problem.conditions, state),
  };
}

/**
 * Seen over many bodies there are two valleys, one to each side, where most of the weight is on one
 * foot; they are entered from near and from far, since the near one has a ledge at times, and each
 * entry has a second start for the rare time that the first gets stuck. Metres.
 */
const TO_EITHER_SIDE: readonly (readonly number[])[] = [
  [0.08, 0.12],
  [-0.08, -0.12],
  [0.2, 0.16],
  [-0.2, -0.16],
];

/**
 * The lowest of several valleys; each is a list of starts of which the first that arrives counts.
 * A depth of `enough` ends the search: nothing deeper would be granted.
 */
function lowestOf(
  problem: PostureProblem,
  valleys: readonly (readonly (() => Row)[])[],
  enough = -Infinity,
): Deepest {
  const task = lowestTask(problem, freeOf(problem.stance));
  const measure = patternDepth(problem);
  let lowestState: PostureState | null = null;
  for (const starts of valleys) {
    const state = firstFound(task, starts);
    if (!state) continue;
    if (!lowestState || measure.value(state) < measure.value(lowestState)) lowestState = state;
    if (measure.value(lowestState) <= enough) break;
  }
  return lowestState ? reached(problem, lowestState) : impossibleOf(problem);
}

function firstFound(task: Task, starts: readonly (() => Readonly<Row>)[]): PostureState | null {
  for (const start of starts) {
    const descent = descend(task, start());
    if (descent.status === 'found') return descent.state;
  }
  return null;
}

/** Lowest without shift, turn, tilt or side lean. */
function squareLowest(problem: PostureProblem): PostureState | null {
  const task = lowestTask(problem, squareOf(problem.stance));
  const from = shallow(problem);
  return firstFound(
    task,
    [from, from - 0.4, from + 0.3].map((thighRad) => () => startOf(problem, thighRad)),
  );
}

function squarestAt(
  problem: PostureProblem,
  from: Readonly<Row>,
  depth: number,
): PostureState | null {
  const descent = descend(
    {
      problem,
      free: freeOf(problem.stance),
      goal: squarest,
      equalities: [...balanceOf(problem), atDepth(patternDepth(problem), depth)],
      conditions: problem.conditions,
    },
    from,
  );
  return descent.status === 'found' ? descent.state : null;
}

/** The same body and stance with one side's limbs and the better side's ranges on both. */
function mirroredBest(problem: PostureProblem, side: Side): PostureProblem {
  const { body, stance, limits, capacities } = problem;
  if (hasEvenLegs(problem)) return withLimits(problem, bestOfBoth(limits));
  const both = mirroredStance(stance, side);
  return problemOf(withLimbsOf(body, side), both, bestOfBoth(limits), capacities);
}

/**
 * Whether a square body with the better side's ranges reaches this depth. Most often one posture,
 * written down at once, shows that it does; otherwise its deepest is worked out.
 */
export function squareReaches(problem: PostureProblem, depthRad: number): boolean {
  if (problem.stance.pattern !== 'hinge') {
    const best = mirroredBest(problem, 'left');
    const state = stateOf(best, shinsOver(best, depthRad));
    const holds = ({ slack }: Condition) => slack(state) > -1e-9;
    if (Math.abs(state.offLine) < 1e-9 && best.conditions.every(holds)) return true;
  }
  return depthRad >= squareBound(problem) - SAME_DEPTH;
}

/**
 * How deep the two square bodies get that are made of either side's limbs and the better side's
 * ranges; the deeper of the two. No twisting takes a posture below it.
 */
export function squareBound(problem: PostureProblem): number {
  const measure = patternDepth(problem);
  const sides = hasEvenLegs(problem) ? (['left'] as const) : SIDES;
  const depths = sides.flatMap((side) => {
    const state = squareLowest(mirroredBest(problem, side));
    return state ? [measure.value(state)] : [];
  });
  return Math.min(...depths);
}

const mirroredStance = (stance: Stance, side: Side): Stance => ({
  ...stance,
  toeOutRad: { left: stance.toeOutRad[side], right: stance.toeOutRad[side] },
  kneeCueRad: { left: stance.kneeCueRad[side], right: stance.kneeCueRad[side] },
});

function isSame<T extends object>({ left, right }: Readonly<Record<Side, T>>): boolean {
  if (left === right) return true;
  const names = Object.keys(left) as (keyof T)[];
  return names.every((name) => left[name] === right[name] || isSameLine(left[name], right[name]));
}

const isSameLine = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

const hasEvenLegs = ({ body, stance: { toeOutRad, kneeCueRad } }: PostureProblem): boolean =>
  isSame(body.sides) && toeOutRad.left === toeOutRad.right && kneeCueRad.left === kneeCueRad.right;

/** Both sides the same in body, stance and limits. */
export const isMirrored = (problem: PostureProblem): boolean =>
  hasEvenLegs(problem) && isSame(problem.limits.sides);

const impossibleOf = (problem: PostureProblem): Deepest => ({
  status: 'impossible',
  by: excessAt(problem, balanceOf(problem), startOf(problem, shallow(problem))),
});

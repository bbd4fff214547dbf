import { radOfDeg } from '../../foundation/numeric/angle';
import { bindingAt, type Binding } from './binding';
import { excessAt, type Excess } from './excess';
import { atDepth, balanceOf, patternDepth } from './depth';
import { descend } from './descend';
import { squarest } from './goals';
import { firstFound, lowestTask, SAME_DEPTH } from './lowest';
import type { PostureProblem } from './problem';
import { isMirrored, squareBound, squareLowest } from './square';
import { shallow, startOf } from './start';
import type { PostureState } from './state';
import { lowerOfBoth } from './valleys';
import { freeOf, mix, type Row } from './variables';

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

/**
 * The lowest balanced posture inside the hard limits, and which limits bind there.
 *
 * Sliding, turning and tilting may make up for a side that is short, but they take nobody deeper
 * than he would go, square, with both sides as good as the better one: without that bound every
 * body, also one with equal sides, would be lowest in a twist. The depth is the less deep of two
 * optima, each of which can only get worse when a range does, so less range never goes lower.
 */
export function deepest(problem: PostureProblem): Deepest {
  if (problem.stance.rear) return reachedOr(problem, lowestStep(problem));
  const square = squareLowest(problem);
  if (isMirrored(problem)) return reachedOr(problem, square);
  const bound = squareBound(problem).depthRad;
  const isLowest = square && patternDepth(problem).value(square) <= bound + SAME_DEPTH;
  return reachedOr(problem, isLowest ? square : compensated(problem, bound, square));
}

const reachedOr = (problem: PostureProblem, state: PostureState | null): Deepest =>
  state ? reached(problem, state) : { status: 'impossible', by: standingExcess(problem) };

/** What is in the way of standing in this stance at all, and by how much. */
const standingExcess = (problem: PostureProblem): Excess[] =>
  excessAt(problem, balanceOf(problem), startOf(problem, shallow(problem)));

/** One foot behind the other, there are two valleys: over the front foot and over both. */
const STEP_STARTS: readonly number[] = [10, -20, 30].map(radOfDeg);

export function lowestStep(problem: PostureProblem): PostureState | null {
  const task = lowestTask(problem, freeOf(problem.stance));
  const depth = patternDepth(problem).value;
  const found = STEP_STARTS.map((thighRad) => firstFound(task, [startOf(problem, thighRad)]));
  const states = found.filter((state) => state !== null);
  return states.reduce<PostureState | null>(
    (lowest, state) => (lowest && depth(lowest) <= depth(state) ? lowest : state),
    null,
  );
}

/** Twisted as far as it helps, and then no deeper than `bound`. */
function compensated(
  problem: PostureProblem,
  bound: number,
  square: PostureState | null,
): PostureState | null {
  const measure = patternDepth(problem);
  const from = square ? square.q : startOf(problem, shallow(problem));
  const lowest = lowerOfBoth(problem, from, bound);
  if (!lowest) return square;
  const depth = measure.value(lowest);
  if (depth >= bound) return lowest;
  const part = (bound - depth) / Math.max((square ? measure.value(square) : bound) - depth, 1e-9);
  const between = mix(1 - part, lowest.q, part, from);
  for (const start of [between, from, lowest.q]) {
    const state = squarestAt(problem, start, bound);
    if (state) return state;
  }
  return lowest;
}

const reached = (problem: PostureProblem, state: PostureState): Deepest => ({
  status: 'reached',
  state,
  depthRad: patternDepth(problem).value(state),
  binding: bindingAt(problem.conditions, state),
});

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

import { radOfDeg } from '../numeric/angle';
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
import { lowestKnown, lowestValley, UNKNOWN_VALLEYS, type Valleys } from './valleys';
import { freeOf, mix, type Row } from './variables';

/** What is known of a problem on the way to its deepest posture; null: not known. */
export interface Known {
  /** The lowest posture without shift, turn, tilt or side lean. */
  readonly square: PostureState | null;
  /** The same with the better side's ranges on both sides. */
  readonly squareBest: PostureState | null;
  readonly valleys: Valleys;
}

export const NOTHING_KNOWN: Known = { square: null, squareBest: null, valleys: UNKNOWN_VALLEYS };

export type Deepest =
  | {
      readonly status: 'reached';
      readonly state: PostureState;
      /** In the pattern's own measure, radians: see `patternDepth`. */
      readonly depthRad: number;
      readonly binding: readonly Binding[];
      readonly known: Known;
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
 *
 * @param known what is known of this very problem already, from one that differs in its limits
 */
export function deepest(problem: PostureProblem, known = NOTHING_KNOWN): Deepest {
  if (problem.stance.rear) return lowestStep(problem);
  if (isMirrored(problem)) return squareOnly(problem, known);
  const bound = squareBound(problem, known.squareBest);
  const now = enteredFromNear(problem, bound.depthRad, { ...known, squareBest: bound.state });
  const twisted = lowestKnown(now.valleys);
  if (twisted && twisted.depthRad >= bound.depthRad) return reached(problem, twisted.state, now);
  const square = known.square ?? squareLowest(problem);
  const isLowest = square && patternDepth(problem).value(square) <= bound.depthRad + SAME_DEPTH;
  if (isLowest) return reached(problem, square, { ...now, square });
  return compensated(problem, bound.depthRad, { ...now, square });
}

/** Both sides alike: nothing to make up for. */
function squareOnly(problem: PostureProblem, known: Known): Deepest {
  const square = known.square ?? squareLowest(problem);
  if (!square) return impossibleOf(problem);
  return reached(problem, square, { ...known, square, squareBest: square });
}

/** Valleys that are known from near by need no square posture to be entered from. */
function enteredFromNear(problem: PostureProblem, bound: number, known: Known): Known {
  const { left, right } = known.valleys;
  if (!left.near || !right.near) return known;
  const { valleys } = lowestValley(problem, left.near.q, bound, known.valleys);
  return { ...known, valleys };
}

/** One foot behind the other, there are two valleys: over the front foot and over both. */
const STEP_STARTS: readonly number[] = [10, -20, 30].map(radOfDeg);

function lowestStep(problem: PostureProblem): Deepest {
  const task = lowestTask(problem, freeOf(problem.stance));
  const depth = patternDepth(problem).value;
  const found = STEP_STARTS.map((thighRad) => firstFound(task, [startOf(problem, thighRad)]));
  const states = found.filter((state) => state !== null);
  if (states.length === 0) return impossibleOf(problem);
  const lowest = states.reduce((a, b) => (depth(b) < depth(a) ? b : a));
  return reached(problem, lowest, NOTHING_KNOWN);
}

/** Twisted as far as it helps, and then no deeper than `bound`. */
function compensated(problem: PostureProblem, bound: number, known: Known): Deepest {
  const { square } = known;
  const measure = patternDepth(problem);
  const from = square ? square.q : startOf(problem, shallow(problem));
  const { lowest, valleys } = lowestValley(problem, from, bound, known.valleys);
  if (!lowest) return square ? reached(problem, square, known) : impossibleOf(problem);
  const now = { ...known, valleys };
  const depth = measure.value(lowest);
  if (depth >= bound) return reached(problem, lowest, now);
  const part = (bound - depth) / Math.max((square ? measure.value(square) : bound) - depth, 1e-9);
  const between = mix(1 - part, lowest.q, part, from);
  for (const start of [between, from, lowest.q]) {
    const state = squarestAt(problem, start, bound);
    if (state) return reached(problem, state, now);
  }
  return reached(problem, lowest, now);
}

function reached(problem: PostureProblem, state: PostureState, known: Known): Deepest {
  return {
    status: 'reached',
    state,
    depthRad: patternDepth(problem).value(state),
    binding: bindingAt(problem.conditions, state),
    known,
  };
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

const impossibleOf = (problem: PostureProblem): Deepest => ({
  status: 'impossible',
  by: excessAt(problem, balanceOf(problem), startOf(problem, shallow(problem))),
});

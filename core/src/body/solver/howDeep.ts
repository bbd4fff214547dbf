import { lowestStep } from './deepest';
import { patternDepth } from './depth';
import { SAME_DEPTH } from './lowest';
import type { PostureProblem } from './problem';
import { isMirrored, squareBound, squareLowest } from './square';
import { shallow, startOf } from './start';
import type { PostureState } from './state';
import { lowestKnown, lowestValley, UNKNOWN_VALLEYS, type Valleys } from './valleys';

/** What is known of a problem on the way to its depth; null: not known. */
export interface Known {
  /** The lowest posture without shift, turn, tilt or side lean. */
  readonly square: PostureState | null;
  /** The same with the better side's ranges on both sides. */
  readonly squareBest: PostureState | null;
  readonly valleys: Valleys;
}

export const NOTHING_KNOWN: Known = { square: null, squareBest: null, valleys: UNKNOWN_VALLEYS };

export type HowDeep =
  | {
      readonly status: 'reached';
      /** In the pattern's own measure, radians: see `patternDepth`. */
      readonly depthRad: number;
      /** The lowest posture, where one stands for the depth; none where the square bound does. */
      readonly state: PostureState | null;
      readonly known: Known;
    }
  | { readonly status: 'impossible' };

/**
 * The depth of `deepest` without its posture, for when many problems that differ in a range are
 * asked in a row: what one search found spares the next most of its work.
 *
 * @param known what is known of this very problem already, from one that differs in its limits
 */
export function howDeep(problem: PostureProblem, known = NOTHING_KNOWN): HowDeep {
  if (problem.stance.rear) return depthAt(problem, lowestStep(problem), NOTHING_KNOWN);
  if (isMirrored(problem)) return squareOnly(problem, known);
  const bound = squareBound(problem, known.squareBest);
  const now = { ...known, squareBest: bound.state };
  return byValleys(problem, bound.depthRad, now) ?? fromSquare(problem, bound.depthRad, now);
}

const depthAt = (problem: PostureProblem, state: PostureState | null, known: Known): HowDeep =>
  state
    ? { status: 'reached', depthRad: patternDepth(problem).value(state), state, known }
    : { status: 'impossible' };

/** Both sides alike: nothing to make up for. */
function squareOnly(problem: PostureProblem, known: Known): HowDeep {
  const square = known.square ?? squareLowest(problem);
  return depthAt(problem, square, { ...known, square, squareBest: square });
}

/** No deeper than the bound, however deep the valleys go. */
function atMost(bound: number, known: Known): HowDeep | null {
  const { left, right } = known.valleys;
  const reaches = [left, right].some(({ state, depthRad }) => state && depthRad <= bound);
  if (reaches && Number.isFinite(bound))
    return { status: 'reached', depthRad: bound, state: null, known };
  const lowest = lowestKnown(known.valleys);
  return lowest && { status: 'reached', depthRad: lowest.depthRad, state: lowest.state, known };
}

/** Valleys that are known from near by need no square posture to be entered from. */
function byValleys(problem: PostureProblem, bound: number, known: Known): HowDeep | null {
  const { left, right } = known.valleys;
  const near = left.near ?? right.near;
  if (!near) return null;
  const from = () => near;
  return atMost(bound, { ...known, valleys: lowestValley(problem, from, bound, known.valleys) });
}

function fromSquare(problem: PostureProblem, bound: number, known: Known): HowDeep {
  const square = known.square ?? squareLowest(problem);
  const isLowest = square && patternDepth(problem).value(square) <= bound + SAME_DEPTH;
  if (isLowest) return depthAt(problem, square, { ...known, square });
  const from = square ? square.q : startOf(problem, shallow(problem));
  const valleys = lowestValley(problem, () => from, bound, known.valleys);
  const now = { ...known, square, valleys };
  return atMost(bound, now) ?? depthAt(problem, lowestOf(problem, now), now);
}

/** Where a search led nowhere, the lowest of what others found. */
function lowestOf(problem: PostureProblem, { valleys, square }: Known): PostureState | null {
  const depth = patternDepth(problem).value;
  return [valleys.left.state, valleys.right.state, square].reduce((lowest, state) =>
    state && (!lowest || depth(state) < depth(lowest)) ? state : lowest,
  );
}

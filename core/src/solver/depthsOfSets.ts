import type { Side } from '../sides/side';
import { deepest, NOTHING_KNOWN, type Deepest, type Known } from './deepest';
import { patternDepth } from './depth';
import { SAME_DEPTH } from './lowest';
import type { PostureProblem } from './problem';
import { squareReaches } from './square';
import type { PostureState } from './state';
import type { Valley } from './valleys';

/** A family of problems: one for each set of parts that are taken as the client has them. */
export interface PartsFamily {
  readonly count: number;
  /** The problem for a set, a bit for each part. */
  readonly problemOf: (members: number) => PostureProblem;
  /** Whether a part only narrows ranges: it leaves body and stance alone and takes nobody deeper. */
  readonly narrows: (part: number) => boolean;
}

type Reached = Extract<Deepest, { status: 'reached' }>;

/** Rounding that a posture may be over a limit by and still serve for a narrower problem. */
const HELD = 1e-9;

const holdsIn = ({ conditions }: PostureProblem, state: PostureState): boolean =>
  conditions.every(({ slack }) => slack(state) > -HELD);

/** The same for a square posture with the better side's range on both: no range fails it twice. */
function holdsInBest({ conditions }: PostureProblem, state: PostureState): boolean {
  const failing = conditions.filter(({ slack }) => slack(state) <= -HELD);
  return failing.every(
    ({ limit, side }) =>
      side && !failing.some((other) => other.limit === limit && other.side !== side),
  );
}

/**
 * How deep each of the 2ⁿ sets gets. Narrower ranges take nobody deeper, so a lowest posture that
 * the narrower ranges still hold stays the lowest, and one that they do not hold is a depth that
 * the narrower problem does not go below. Only what that leaves open is worked out.
 *
 * @param onWorked called after each set, with how many are done
 */
export function depthsOfSets(family: PartsFamily, onWorked: (done: number) => void): Deepest[] {
  const answers: Deepest[] = [];
  // Counting up, every set comes after all that lack one of its members.
  for (let members = 0; members < 1 << family.count; members++) {
    const lacking = (narrows: boolean) => setsLacking(family, members, narrows, answers);
    answers.push(narrowed(family.problemOf(members), lacking(true), lacking(false)));
    onWorked(answers.length);
  }
  return answers;
}

/** The answers of the sets that lack one member: one that narrows, or one that does not. */
function setsLacking(
  { count, narrows }: PartsFamily,
  members: number,
  narrowing: boolean,
  answers: readonly Deepest[],
): Deepest[] {
  const sets: Deepest[] = [];
  for (let part = 0; part < count; part++)
    if (members & (1 << part) && narrows(part) === narrowing)
      sets.push(answers[members & ~(1 << part)]);
  return sets;
}

function narrowed(
  problem: PostureProblem,
  wider: readonly Deepest[],
  beside: readonly Deepest[],
): Deepest {
  // What stops a wider set altogether stops this one too.
  const stopped = wider.find(({ status }) => status === 'impossible');
  if (stopped) return stopped;
  const reached = wider as readonly Reached[];
  const known = entriesFrom(
    beside,
    knownFrom(
      problem,
      reached.map((one) => one.known),
    ),
  );
  const same = reached.find((one) => isStillDeepest(problem, one, known));
  return same ? { ...same, known } : deepest(problem, known);
}

/** Another body or stance says nothing of the depth, but where its valleys are. */
function entriesFrom(beside: readonly Deepest[], known: Known): Known {
  const other = beside.find((one) => one.status === 'reached');
  if (!other) return known;
  const entry = (side: Side): Valley => ({
    ...known.valleys[side],
    near: known.valleys[side].near ?? other.known.valleys[side].near,
  });
  return { ...known, valleys: { left: entry('left'), right: entry('right') } };
}

function isStillDeepest(problem: PostureProblem, { state, depthRad }: Reached, known: Known) {
  if (!holdsIn(problem, state)) return false;
  if (problem.stance.rear) return true;
  const { squareBest } = known;
  if (!squareBest) return squareReaches(problem, depthRad);
  return depthRad >= patternDepth(problem).value(squareBest) - SAME_DEPTH;
}

/** What the wider problems' postures say of a narrower one. */
function knownFrom(problem: PostureProblem, wider: readonly Known[]): Known {
  if (wider.length === 0 || problem.stance.rear) return NOTHING_KNOWN;
  return {
    square: firstHeld(
      holdsIn,
      problem,
      wider.map(({ square }) => square),
    ),
    squareBest: firstHeld(
      holdsInBest,
      problem,
      wider.map(({ squareBest }) => squareBest),
    ),
    valleys: {
      left: narrowedValley(
        problem,
        wider.map(({ valleys }) => valleys.left),
      ),
      right: narrowedValley(
        problem,
        wider.map(({ valleys }) => valleys.right),
      ),
    },
  };
}

/** Sets often share their postures: each is asked once. */
function firstHeld(
  holds: typeof holdsIn,
  problem: PostureProblem,
  states: readonly (PostureState | null)[],
): PostureState | null {
  for (const state of new Set(states)) if (state && holds(problem, state)) return state;
  return null;
}

/** What the same valley of several wider problems says of a narrower one's: the least deep counts. */
function narrowedValley(problem: PostureProblem, wider: readonly Valley[]): Valley {
  const { depthRad, state, near } = wider.reduce((a, b) => (b.depthRad > a.depthRad ? b : a));
  return { depthRad, state: state && holdsIn(problem, state) ? state : null, near };
}

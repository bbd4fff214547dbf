import type { Side } from '../../foundation/sides/side';
import { howDeep, NOTHING_KNOWN, type HowDeep, type Known } from './howDeep';
import { patternDepth } from './depth';
import { SAME_DEPTH } from './lowest';
import type { PostureProblem } from './problem';
import { squareReaches } from './square';
import type { PostureState } from './state';
import type { Valley, Valleys } from './valleys';
import { mix3, type Row } from './variables';

/** A family of problems: one for each set of parts that are taken as the client has them. */
export interface PartsFamily {
  readonly count: number;
  /** The problem for a set, a bit for each part. */
  readonly problemOf: (members: number) => PostureProblem;
  /** Whether a part only narrows ranges: it leaves body and stance alone and takes nobody deeper. */
  readonly narrows: (part: number) => boolean;
}

type Reached = Extract<HowDeep, { status: 'reached' }>;

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
export function depthsOfSets(family: PartsFamily, onWorked: (done: number) => void): HowDeep[] {
  const answers: HowDeep[] = [];
  // Counting up, every set comes after all that lack one of its members.
  for (let members = 0; members < 1 << family.count; members++) {
    const lacking = (narrows: boolean) => setsLacking(family, members, narrows, answers);
    const expected = (side: Side) => expectedEntry(family, members, side, answers);
    answers.push(narrowed(family.problemOf(members), lacking(true), lacking(false), expected));
    onWorked(answers.length);
  }
  return answers;
}

/** The answers of the sets that lack one member: one that narrows, or one that does not. */
function setsLacking(
  { count, narrows }: PartsFamily,
  members: number,
  narrowing: boolean,
  answers: readonly HowDeep[],
): HowDeep[] {
  const sets: HowDeep[] = [];
  for (let part = 0; part < count; part++)
    if (members & (1 << part) && narrows(part) === narrowing)
      sets.push(answers[members & ~(1 << part)]);
  return sets;
}

function narrowed(
  problem: PostureProblem,
  wider: readonly HowDeep[],
  beside: readonly HowDeep[],
  expected: (side: Side) => Row | null,
): HowDeep {
  // What stops a wider set altogether stops this one too.
  const stopped = wider.find(({ status }) => status === 'impossible');
  if (stopped) return stopped;
  const reached = wider as readonly Reached[];
  const told = knownFrom(
    problem,
    reached.map((one) => one.known),
  );
  const known = { ...told, valleys: entriesFrom(beside, told.valleys, expected) };
  const same = reached.find((one) => isStillDeepest(problem, one, known));
  return same ? { ...same, known } : howDeep(problem, known);
}

/** Another body or stance says nothing of the depth, but where its valleys are. */
function entriesFrom(
  beside: readonly HowDeep[],
  valleys: Valleys,
  expected: (side: Side) => Row | null,
): Valleys {
  const other = beside.find((one) => one.status === 'reached')?.known.valleys;
  const entry = (side: Side): Valley => ({
    ...valleys[side],
    near: expected(side) ?? valleys[side].near ?? other?.[side].near ?? null,
  });
  return { left: entry('left'), right: entry('right') };
}

/**
 * Where a valley should be if two parts moved it as if each were alone: the sum of what each did.
 */
function expectedEntry(
  { count }: PartsFamily,
  members: number,
  side: Side,
  answers: readonly HowDeep[],
): Row | null {
  const lowest = (set: number): Readonly<Row> | undefined => {
    const answer = answers[set];
    return answer.status === 'reached' ? answer.known.valleys[side].state?.q : undefined;
  };
  for (let one = count - 1; one > 0; one--) {
    const without = members & ~(1 << one);
    const q = without !== members && lowest(without);
    if (!q) continue;
    for (let other = one - 1; other >= 0; other--) {
      if (!(members & (1 << other))) continue;
      const [beside, neither] = [lowest(members & ~(1 << other)), lowest(without & ~(1 << other))];
      if (beside && neither) return mix3(1, q, 1, beside, -1, neither);
    }
  }
  return null;
}

function isStillDeepest(problem: PostureProblem, { state, depthRad }: Reached, known: Known) {
  if (!state || !holdsIn(problem, state)) return false;
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

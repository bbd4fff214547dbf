import { deepest, squareReaches, type Deepest } from './deepest';
import type { PostureProblem } from './problem';

/** A family of problems: one for each set of parts that are taken as the client has them. */
export interface PartsFamily {
  readonly count: number;
  /** The problem for a set, a bit for each part. */
  readonly problemOf: (members: number) => PostureProblem;
  /** Whether a part only narrows ranges: it leaves body and stance alone and takes nobody deeper. */
  readonly narrows: (part: number) => boolean;
}

/** Rounding that a posture may be over a limit by and still serve for a narrower problem. */
const HELD = 1e-9;

/**
 * How deep each of the 2ⁿ sets gets. A set that narrows one range more than another, when that range
 * had something left in the other's deepest posture, has the same deepest posture: only sets where
 * every part bites need working out.
 *
 * @param onWorked called after each set, with how many are done
 */
export function depthsOfSets(family: PartsFamily, onWorked: (done: number) => void): Deepest[] {
  const answers: Deepest[] = [];
  // Counting up, every set comes after all that lack one of its members.
  for (let members = 0; members < 1 << family.count; members++) {
    const problem = family.problemOf(members);
    answers.push(sameAsWider(family, problem, members, answers) ?? deepest(problem));
    onWorked(answers.length);
  }
  return answers;
}

function sameAsWider(
  { count, narrows }: PartsFamily,
  problem: PostureProblem,
  members: number,
  answers: readonly Deepest[],
): Deepest | null {
  for (let part = 0; part < count; part++) {
    if (!(members & (1 << part)) || !narrows(part)) continue;
    const wider = answers[members & ~(1 << part)];
    // What stops a wider set altogether stops this one too.
    if (wider.status === 'impossible' || isStillDeepest(problem, wider)) return wider;
  }
  return null;
}

const isStillDeepest = (
  problem: PostureProblem,
  { state, depthRad }: Extract<Deepest, { status: 'reached' }>,
): boolean =>
  problem.conditions.every(({ slack }) => slack(state) > -HELD) &&
  (problem.stance.rear !== null || squareReaches(problem, depthRad));

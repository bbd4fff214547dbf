import { lowestTwisted } from './deepest';
import { patternDepth } from './depth';
import { firstFound, lowestKnees, lowestOf, lowestTask, SAME_DEPTH } from './lowest';
import type { PostureProblem } from './problem';
import { squareBound } from './square';
import { isSideBySide } from './stance';
import type { PostureState } from './state';
import { lowestFreeOf } from './variables';

/** A family of problems: one for each set of parts that are taken as the client has them. */
export interface PartsFamily {
  readonly count: number;
  /** The problem for a set, a bit for each part. */
  readonly problemOf: (members: number) => PostureProblem;
  /** Whether a part only narrows ranges: it leaves body and stance alone and takes nobody deeper. */
  readonly narrows: (part: number) => boolean;
}

/** How deep one set gets, in the pattern's own measure, radians: see `patternDepth`. */
export type HowDeep =
  { readonly status: 'reached'; readonly depthRad: number } | { readonly status: 'impossible' };

/** What is known of one set. */
interface Known {
  readonly problem: PostureProblem;
  /** The lowest posture that was found, twisted or not; null where nobody can stand. */
  readonly lowest: PostureState | null;
  /** No twisting takes it below this, and the posture that stands for it. */
  readonly bound: ReturnType<typeof squareBound>;
}

/** Rounding that a posture may be over a limit by and still serve for a narrower problem. */
const HELD = 1e-9;

const holdsIn = ({ conditions }: PostureProblem, state: PostureState): boolean =>
  conditions.every(({ slack }) => slack(state) > -HELD);

const depthIn = ({ problem, lowest }: Known): number =>
  lowest ? patternDepth(problem).value(lowest) : Infinity;

/**
 * How deep each of the 2ⁿ sets gets. Narrower ranges take nobody deeper: a lowest posture that the
 * narrower ranges still hold stays the lowest, one that they do not hold is where to look from, and one
 * that a narrower problem has holds in every wider one.
 *
 * @param onWorked called after each set, with how many are done
 */
export function depthsOfSets(family: PartsFamily, onWorked: (done: number) => void): HowDeep[] {
  const known: Known[] = [];
  // Counting up, every set comes after all that lack one of its members.
  for (let members = 0; members < 1 << family.count; members++) {
    const lacking = (narrowing: boolean) => setsLacking(family, members, narrowing, known);
    known.push(knownFrom(family.problemOf(members), lacking(true), lacking(false)));
    onWorked(known.length);
  }
  return depthsFrom(family, known);
}

/** What is known of the sets that lack one member: one that narrows, or one that does not. */
function setsLacking(
  { count, narrows }: PartsFamily,
  members: number,
  narrowing: boolean,
  known: readonly Known[],
): Known[] {
  const sets: Known[] = [];
  for (let part = 0; part < count; part++)
    if (members & (1 << part) && narrows(part) === narrowing)
      sets.push(known[members & ~(1 << part)]);
  return sets;
}

/** So few narrowing members that nothing near by is known well enough: all is searched. */
const SEARCHED = 2;

/**
 * @param wider the same body and stance with one range less narrow
 * @param beside another body or stance with the same ranges: says nothing of the depth, but where to look
 */
function knownFrom(
  problem: PostureProblem,
  wider: readonly Known[],
  beside: readonly Known[],
): Known {
  const bound = boundFrom(problem, wider);
  if (wider.some(({ lowest }) => !lowest)) return { problem, lowest: null, bound };
  const shallowest = wider.reduce<Known | null>(
    (least, one) => (least && depthIn(least) >= depthIn(one) ? least : one),
    null,
  );
  if (shallowest?.lowest && holdsIn(problem, shallowest.lowest))
    return { problem, lowest: shallowest.lowest, bound };
  const isNear = beside.length > 0 || wider.length > SEARCHED;
  const lowest = isNear ? lowestFrom(problem, [...wider, ...beside]) : null;
  return { problem, lowest: lowest ?? lowestTwisted(problem, bound.depthRad), bound };
}

/** The bound of a wider set, where its posture still holds with the better side's range on both. */
function boundFrom(problem: PostureProblem, wider: readonly Known[]): Known['bound'] {
  if (!isSideBySide(problem.stance)) return { depthRad: -Infinity, state: null };
  const held = wider.find(({ bound: { state } }) => state && holdsInBest(problem, state));
  return squareBound(problem, held?.bound.state ?? null);
}

/** The same for a square posture with the better side's range on both: no range fails it twice. */
function holdsInBest({ conditions }: PostureProblem, state: PostureState): boolean {
  const failing = conditions.filter(({ slack }) => slack(state) <= -HELD);
  return failing.every(
    ({ limit, side }) =>
      side && !failing.some((other) => other.limit === limit && other.side !== side),
  );
}

/** The lowest that the lowest postures of problems near by lead to; null where none leads anywhere. */
function lowestFrom(problem: PostureProblem, near: readonly Known[]): PostureState | null {
  const task = lowestTask(problem, lowestFreeOf(problem.stance));
  const starts = new Set(near.flatMap(({ lowest }) => lowest ?? []));
  const lowest = lowestOf(
    problem,
    [...starts].flatMap(({ q }) => firstFound(task, [q]) ?? []),
  );
  return lowest && lowestKnees(task, lowest);
}

/** Counting down, every set comes after all that have one more member: what holds there holds here. */
function depthsFrom({ count, narrows }: PartsFamily, known: readonly Known[]): HowDeep[] {
  const depths = known.map(depthIn);
  for (let members = known.length - 1; members >= 0; members--)
    for (let part = 0; part < count; part++)
      if (members & (1 << part) && narrows(part)) {
        const wider = members & ~(1 << part);
        depths[wider] = Math.min(depths[wider], depths[members]);
      }
  return known.map(({ lowest, bound: { depthRad } }, members) =>
    lowest
      ? { status: 'reached', depthRad: Math.max(depths[members], depthRad - SAME_DEPTH) }
      : { status: 'impossible' },
  );
}

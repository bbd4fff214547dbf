import { withLimbsOf } from '../segments/body';
import { SIDES, type Side } from '../../foundation/sides/side';
import type { Condition } from './condition';
import { patternDepth } from './depth';
import { bestOfBoth } from './limits';
import { firstFound, lowestKneesTogether, lowestTask, SAME_DEPTH } from './lowest';
import { problemOf, withLimits, type PostureProblem } from './problem';
import { shallow, shinsOver, startOf } from './start';
import { stateOf, type PostureState } from './state';
import type { Stance } from './stance';
import { squareOf } from './variables';

/** Lowest without shift, turn, tilt or side lean. */
export function squareLowest(problem: PostureProblem): PostureState | null {
  const task = lowestTask(problem, squareOf(problem.stance));
  const from = shallow(problem);
  const starts = [from, from - 0.4, from + 0.3].map((thighRad) => startOf(problem, thighRad));
  const found = firstFound(task, starts);
  return found && lowestKneesTogether(task, found);
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
    if (best.conditions.every(holds)) return true;
  }
  return depthRad >= squareBound(problem).depthRad - SAME_DEPTH;
}

/** A depth in radians, with its posture where one posture stands for it. */
export interface SquareBound {
  readonly depthRad: number;
  readonly state: PostureState | null;
}

/**
 * How deep the two square bodies get that are made of either side's limbs and the better side's
 * ranges; the deeper of the two. No twisting takes a posture below it.
 *
 * @param known that posture, if it is known already
 */
export function squareBound(
  problem: PostureProblem,
  known: PostureState | null = null,
): SquareBound {
  const measure = patternDepth(problem);
  if (hasEvenLegs(problem)) {
    const state = known ?? squareLowest(mirroredBest(problem, 'left'));
    return { depthRad: state ? measure.value(state) : Infinity, state };
  }
  const depths = SIDES.flatMap((side) => {
    const state = squareLowest(mirroredBest(problem, side));
    return state ? [measure.value(state)] : [];
  });
  return { depthRad: Math.min(...depths), state: null };
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

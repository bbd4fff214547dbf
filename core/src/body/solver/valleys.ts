import { radOfDeg } from '../../foundation/numeric/angle';
import { sqrtClamped } from '../../foundation/numeric/safety';
import { SIDES, signOf, type Side } from '../../foundation/sides/side';
import { patternDepth } from './depth';
import { firstFound, lowestTask } from './lowest';
import type { PostureProblem } from './problem';
import { moved } from './start';
import { stateOf, type PostureState } from './state';
import { freeOf, TILT, TURN, Z, type Row } from './variables';

/**
 * The valley to one side, where most of the weight is on that foot: its lowest posture, or, with no
 * posture, a depth that it does not go below. Radians, in the pattern's own measure.
 */
export interface Valley {
  readonly depthRad: number;
  readonly state: PostureState | null;
  /** About where the lowest posture of a problem near by has this valley: a good place to enter it. */
  readonly near: Readonly<Row> | null;
}
export type Valleys = Readonly<Record<Side, Valley>>;

const UNKNOWN: Valley = { depthRad: -Infinity, state: null, near: null };
export const UNKNOWN_VALLEYS: Valleys = { left: UNKNOWN, right: UNKNOWN };

/** A place to enter a valley from: metres to its side, radians of turn and tilt toward it. */
interface Entry {
  readonly shiftM: number;
  readonly turnRad?: number;
  readonly tiltRad?: number;
}

/** Where a valley is entered; the second start and the third for the rare time that one sticks. */
const ENTRIES: readonly (readonly Entry[])[] = [
  [{ shiftM: 0.08 }, { shiftM: 0.12 }, { shiftM: 0.2 }],
];

/** Where there is more than one valley to a side: also from far, turned and tilted. */
const MORE_ENTRIES: readonly (readonly Entry[])[] = [
  ...ENTRIES,
  [{ shiftM: 0.2 }, { shiftM: 0.16 }],
  [{ shiftM: 0.04, tiltRad: 0.1 }],
  [{ shiftM: 0.04, tiltRad: -0.1 }],
  [{ shiftM: 0.2, turnRad: 0.15 }],
  [{ shiftM: 0.2, turnRad: -0.15 }],
];

/** With nearly straight legs both valleys are near by and steep. */
const HINGE_ENTRIES: readonly (readonly Entry[])[] = [
  [{ shiftM: 0.03 }, { shiftM: 0.05 }],
  [{ shiftM: 0.08 }, { shiftM: 0.06 }],
  [
    { shiftM: 0.05, turnRad: 0.15 },
    { shiftM: 0.03, turnRad: 0.1 },
  ],
  [
    { shiftM: 0.05, turnRad: -0.15 },
    { shiftM: 0.03, turnRad: -0.1 },
  ],
];

/**
 * More than one valley to a side comes with wide stances, with limits on turning or opening, and
 * where the sides differ by more than this: of 5,000 other bodies one gained by a second entry, 0.05°.
 */
const WIDE_M = 0.45;
const VERY_LOPSIDED = radOfDeg(15);

function entriesOf({ stance, limits: { sides } }: PostureProblem): readonly (readonly Entry[])[] {
  if (stance.pattern === 'hinge') return HINGE_ENTRIES;
  const { left, right } = sides;
  const plain = (['ankleBend', 'hipBend', 'kneeBend'] as const).every(
    (name) => Math.abs(left[name] - right[name]) < VERY_LOPSIDED,
  );
  const turns = (['hipTurnIn', 'hipTurnOut', 'hipOpen'] as const).some((name) =>
    SIDES.some((side) => Number.isFinite(sides[side][name])),
  );
  return plain && !turns && stance.widthM < WIDE_M ? ENTRIES : MORE_ENTRIES;
}

function entered(
  problem: PostureProblem,
  from: Readonly<Row>,
  side: Side,
  { shiftM, turnRad = 0, tiltRad = 0 }: Entry,
): Row {
  const toSide = signOf(side);
  const q = moved(from, toSide * shiftM);
  q[TURN] += toSide * turnRad;
  q[TILT] += toSide * tiltRad;
  q[Z] -= tooHigh(problem, q);
  return q;
}

/** A leg this straight, as a share of its length, still leaves room to move. */
const ROOMY = 0.985;

/** How far the pelvis is above where both legs can follow it, in metres; 0 when they can. */
function tooHigh(problem: PostureProblem, q: Readonly<Row>): number {
  const { legs } = stateOf(problem, q);
  const above = SIDES.map((side) => {
    const { hip, ankle } = legs[side];
    const { shankM, thighM } = problem.body.sides[side];
    const level = Math.hypot(hip[0] - ankle[0], hip[1] - ankle[1]);
    const reach = sqrtClamped((ROOMY * (shankM + thighM)) ** 2 - level ** 2);
    return hip[2] - ankle[2] - reach;
  });
  return Math.max(0, ...above);
}

/** The lower of the two valleys' lowest postures; both are searched. */
export function lowerOfBoth(
  problem: PostureProblem,
  from: Readonly<Row>,
  enough: number,
): PostureState | null {
  const [left, right] = SIDES.map((side) => searched(problem, () => from, side, enough, UNKNOWN));
  if (!left.state || !right.state) return left.state ?? right.state;
  return right.depthRad < left.depthRad ? right.state : left.state;
}

/**
 * What is known of both valleys when the question is only how deep the lower one goes. One that
 * cannot be lower than the other is left unsearched, and both when one goes to `enough`.
 *
 * @param from gives the posture from which a valley is entered that is not known from near by
 */
export function lowestValley(
  problem: PostureProblem,
  from: () => Readonly<Row>,
  enough: number,
  known: Valleys,
): Valleys {
  const valleys = { ...known };
  let lowest = Infinity;
  for (const side of byPromise(known)) {
    if (lowest <= enough) break;
    const valley = valleys[side];
    if (valley.depthRad >= lowest) continue;
    if (!valley.state) valleys[side] = searched(problem, from, side, enough, valley);
    if (valleys[side].state) lowest = Math.min(lowest, valleys[side].depthRad);
  }
  return valleys;
}

/** The lower one, when it is sure to be: the other is known not to go below it. */
export function lowestKnown({ left, right }: Valleys): KnownValley | null {
  const [lower, other] = left.depthRad <= right.depthRad ? [left, right] : [right, left];
  if (isKnown(lower)) return lower;
  return isKnown(other) && other.depthRad <= lower.depthRad ? other : null;
}

type KnownValley = Valley & { readonly state: PostureState };
const isKnown = (valley: Valley): valley is KnownValley => valley.state !== null;

/** What is known exactly first, then the one that may go lower. */
function byPromise({ left, right }: Valleys): readonly Side[] {
  if (Boolean(left.state) !== Boolean(right.state)) return left.state ? SIDES : ['right', 'left'];
  return left.depthRad <= right.depthRad ? SIDES : ['right', 'left'];
}

/** The lowest that its entries lead to; what was known before when none leads anywhere. */
function searched(
  problem: PostureProblem,
  from: () => Readonly<Row>,
  side: Side,
  enough: number,
  before: Valley,
): Valley {
  const task = lowestTask(problem, freeOf(problem.stance));
  const measure = patternDepth(problem);
  const found = (state: PostureState) => ({ depthRad: measure.value(state), state, near: state.q });
  const direct = before.near && firstFound(task, [before.near]);
  if (direct) return found(direct);
  let lowest = before;
  for (const starts of entriesOf(problem)) {
    const state = firstFound(
      task,
      starts.map((entry) => entered(problem, from(), side, entry)),
    );
    if (!state) continue;
    if (!lowest.state || measure.value(state) < lowest.depthRad) lowest = found(state);
    if (lowest.depthRad <= Math.max(enough, before.depthRad)) break;
  }
  return lowest;
}

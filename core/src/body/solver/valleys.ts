import { radOfDeg } from '../../foundation/numeric/angle';
import { sqrtClamped } from '../../foundation/numeric/safety';
import { otherSide, SIDES, signOf, type Side } from '../../foundation/sides/side';
import { patternDepth } from './depth';
import { firstFound, KNEE_IN, KNEE_OUT, lowestTask } from './lowest';
import type { PostureProblem } from './problem';
import { moved } from './start';
import { stateOf, type PostureState } from './state';
import { freeOf, SWIVEL, TILT, TURN, Z, type Row } from './variables';

/** A place to enter a valley from: metres to its side, radians of turn and tilt toward it. */
interface Entry {
  readonly shiftM: number;
  readonly turnRad?: number;
  readonly tiltRad?: number;
  /** The knee of that side turned in, or that of the other one out. */
  readonly kneeIn?: true;
  readonly otherKneeOut?: true;
}

/** Where a valley is entered; the second start and the third for the rare time that one sticks. */
const ENTRIES: readonly (readonly Entry[])[] = [
  [{ shiftM: 0.08 }, { shiftM: 0.12 }, { shiftM: 0.2 }],
  [{ shiftM: 0.12, turnRad: 0.18, tiltRad: -0.12, kneeIn: true }],
];

/** Where there is more than one valley to a side: also from far, turned and tilted. */
const MORE_ENTRIES: readonly (readonly Entry[])[] = [
  ...ENTRIES,
  [{ shiftM: 0.2 }, { shiftM: 0.16 }],
  [{ shiftM: 0.08, otherKneeOut: true }],
  [{ shiftM: 0.04, tiltRad: 0.1 }],
  [{ shiftM: 0.04, tiltRad: -0.1 }],
  [{ shiftM: 0.2, turnRad: 0.15 }],
  [{ shiftM: 0.2, turnRad: -0.15 }],
  [{ shiftM: 0.06, turnRad: 0.2, tiltRad: -0.12 }],
  [{ shiftM: 0.06, turnRad: -0.2, tiltRad: 0.12 }],
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
const UNEVEN_TOES = radOfDeg(8);
const LITTLE_OPEN = radOfDeg(45);
const VERY_LOPSIDED = radOfDeg(15);

function entriesOf({ stance, limits: { sides } }: PostureProblem): readonly (readonly Entry[])[] {
  if (stance.pattern === 'hinge') return HINGE_ENTRIES;
  const { left, right } = sides;
  const plain = (['ankleBend', 'hipBend', 'kneeBend'] as const).every(
    (name) => Math.abs(left[name] - right[name]) < VERY_LOPSIDED,
  );
  const turns = SIDES.some((side) => {
    const { hipTurnIn, hipTurnOut, hipOpen } = sides[side];
    return Number.isFinite(hipTurnIn) || Number.isFinite(hipTurnOut) || hipOpen < LITTLE_OPEN;
  });
  const uneven = Math.abs(stance.toeOutRad.left - stance.toeOutRad.right) > UNEVEN_TOES;
  return plain && !turns && !uneven && stance.widthM < WIDE_M ? ENTRIES : MORE_ENTRIES;
}

function entered(
  problem: PostureProblem,
  from: Readonly<Row>,
  side: Side,
  { shiftM, turnRad = 0, tiltRad = 0, kneeIn, otherKneeOut }: Entry,
): Row {
  const toSide = signOf(side);
  const q = moved(from, toSide * shiftM);
  q[TURN] += toSide * turnRad;
  q[TILT] += toSide * tiltRad;
  if (kneeIn) q[SWIVEL[side]] = KNEE_IN;
  if (otherKneeOut) q[SWIVEL[otherSide(side)]] = KNEE_OUT;
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

/**
 * The lowest postures to either side, where most of the weight is on that foot.
 *
 * @param from where the valleys are entered from
 * @param enough no more is looked for once one goes so deep, radians in the pattern's own measure
 */
export function lowestToSides(
  problem: PostureProblem,
  from: Readonly<Row>,
  enough: number,
): PostureState[] {
  return SIDES.flatMap((side) => lowestToSide(problem, from, side, enough) ?? []);
}

/** The lowest that its entries lead to; null when none leads anywhere. */
function lowestToSide(
  problem: PostureProblem,
  from: Readonly<Row>,
  side: Side,
  enough: number,
): PostureState | null {
  const task = lowestTask(problem, freeOf(problem.stance));
  const depth = patternDepth(problem).value;
  let lowest: PostureState | null = null;
  for (const entries of entriesOf(problem)) {
    const starts = entries.map((entry) => entered(problem, from, side, entry));
    const state = firstFound(task, starts);
    if (state && (!lowest || depth(state) < depth(lowest))) lowest = state;
    if (lowest && depth(lowest) <= enough) return lowest;
  }
  return lowest;
}

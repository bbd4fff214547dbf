import type { FaultId } from '../../knowledge/faults';
import type { Grade, Pattern, Phase } from '../../body/stance/patterns';
import { otherSide, SIDES, type MaybeSide, type Side } from '../../foundation/sides/side';
import { expectedEarlyGain, expectedPosture, type ExpectedPosture } from './expected';
import { EARLY_PART } from './readings';
import { measuredOf, type Measured, type MeasureId } from '../../records/recordings/measures';
import type { RecordingHead } from '../../records/recordings/recording';

/** A fault that the measures speak for. A coach accepts or rejects it; it is nothing before. */
export interface Proposal {
  readonly fault: FaultId;
  readonly side: MaybeSide;
  readonly phase: Phase;
  readonly grade: Grade;
  readonly value: number;
  readonly unit: 'deg' | 'mm';
  /** In how many of the repetitions it was there. */
  readonly seenIn: number;
  readonly of: number;
  readonly confidence: number;
}

export interface ProposalInput {
  readonly pattern: Pattern;
  readonly head: RecordingHead;
  readonly front: Side | null;
  readonly measures: readonly Measured[];
  /** Hips over ankles at the bottom, where the scale is known. */
  readonly hipHeightM: number | null;
}

/** From where on a departure is slight, plain and marked, in its own unit. Ours. */
type Limits = readonly [slight: number, plain: number, marked: number];

interface Rule {
  readonly fault: FaultId;
  readonly measure: MeasureId;
  readonly patterns: readonly Pattern[];
  /**
   * `each`: a number for each side; `whole`: one number; `left`: one number that is positive to the
   * left, and the fault lies to that side.
   */
  readonly lies: 'each' | 'whole' | 'left';
  readonly phase: Phase;
  readonly limits: Limits;
  /** How far a measured value is off plan, where that is not the value itself. */
  readonly off?: (value: number, context: Context, side: MaybeSide) => number;
  /** The number to keep with the fault, where that is not how far it is off. */
  readonly keepsValue?: boolean;
}

/** Thigh angle of all repetitions: of the front leg in a step, otherwise of both. */
function thighDeg({ measures, front }: ProposalInput): number | null {
  const sides = front ? [front] : SIDES;
  const means = sides.flatMap((side) => measuredOf(measures, 'thigh', side)?.mean ?? []);
  return means.length === 0 ? null : means.reduce((sum, one) => sum + one, 0) / means.length;
}

/** What rules judge by: the measures, and how such a body would usually stand at that depth. */
interface Context extends ProposalInput {
  readonly expected: ExpectedPosture | null;
  /** Lean that such a body gains by itself early in the rise, degrees. */
  readonly earlyGainDeg: number;
}

function contextOf(input: ProposalInput): Context {
  const { head, pattern, hipHeightM } = input;
  const deg = thighDeg(input);
  const seen = deg !== null ? { thighDeg: deg } : hipHeightM !== null ? { hipHeightM } : null;
  const expected = seen && expectedPosture(head, pattern, seen);
  const gain = expected && expectedEarlyGain(head, pattern, expected, EARLY_PART);
  return { ...input, expected, earlyGainDeg: Math.max(0, gain ?? 0) };
}

const STEPS_AND_SQUAT: readonly Pattern[] = ['squat', 'lunge', 'split'];

/** What is proposed, and from where on. */
export const RULES: readonly Rule[] = [
  {
    fault: 'depth-short',
    measure: 'thigh',
    patterns: STEPS_AND_SQUAT,
    lies: 'whole',
    phase: 'bottom',
    limits: [10, 18, 30],
    off: (value, { head }) => value - (head.setup?.depthAimDeg ?? 0),
    keepsValue: true,
  },
  {
    fault: 'trunk-folds',
    measure: 'trunk-lean',
    patterns: STEPS_AND_SQUAT,
    lies: 'whole',
    phase: 'bottom',
    limits: [10, 15, 22],
    off: (value, { expected }) => value - (expected?.trunkLeanDeg ?? Infinity),
    keepsValue: true,
  },
  {
    fault: 'shin-stays-upright',
    measure: 'shin-lean',
    patterns: STEPS_AND_SQUAT,
    lies: 'each',
    phase: 'bottom',
    limits: [8, 13, 18],
    off: (value, { expected, front }, side) =>
      expected && side && side !== (front && otherSide(front))
        ? expected.shinLeanDeg[side] - value
        : -Infinity,
    keepsValue: true,
  },
  {
    fault: 'heel-lifts',
    measure: 'heel-rise',
    patterns: ['squat'],
    lies: 'each',
    phase: 'bottom',
    limits: [12, 22, 35],
  },
  {
    fault: 'hips-rise-first',
    measure: 'hips-first',
    patterns: ['squat'],
    lies: 'whole',
    phase: 'up',
    limits: [7, 12, 18],
    off: (value, { earlyGainDeg }) => value - earlyGainDeg,
  },
  {
    fault: 'load-drifts',
    measure: 'load-drift',
    patterns: ['squat', 'hinge'],
    lies: 'whole',
    phase: 'up',
    limits: [60, 100, 150],
  },
  {
    fault: 'hips-slide',
    measure: 'hip-shift',
    patterns: ['squat', 'hinge'],
    lies: 'left',
    phase: 'bottom',
    limits: [15, 28, 45],
  },
  {
    fault: 'trunk-side-bends',
    measure: 'trunk-side-bend',
    patterns: ['squat', 'hinge', 'lunge'],
    lies: 'left',
    phase: 'bottom',
    limits: [4, 7, 11],
  },
  {
    // The knee's plan is the way of the toes: what a body in this stance would show is taken away.
    fault: 'knee-in',
    measure: 'shin-in',
    patterns: ['squat'],
    lies: 'each',
    phase: 'bottom',
    limits: [5, 9, 13],
    off: (value, { expected }, side) =>
      expected && side ? value - expected.shinInDeg[side] : -Infinity,
  },
  {
    fault: 'foot-turns-out',
    measure: 'turn-out-gain',
    patterns: ['squat', 'hinge'],
    lies: 'each',
    phase: 'bottom',
    limits: [7, 12, 20],
  },
];

const GRADES: readonly Grade[] = ['slight', 'plain', 'marked'];

/** How many of a fault's standard errors its mean must be over the limit. */
const SURE = 1;
/** A fault that is not there in half of the repetitions is not proposed. */
const OFTEN = 0.5;

/** The numbers of a rule: one for each place where its fault may lie. */
function placesOf(rule: Rule, { measures }: ProposalInput): readonly Measured[] {
  const all = measures.filter(({ measure }) => measure === rule.measure);
  if (rule.lies !== 'whole' || all.length < 2) return all;
  // One number of both sides: their mean, repetition by repetition.
  const [left, right] = all;
  const perRepetition = left.perRepetition.map((value, i) => (value + right.perRepetition[i]) / 2);
  const mean = (left.mean + right.mean) / 2;
  return [{ ...left, side: null, perRepetition, mean }];
}

function wholeOf(rule: Rule, input: ProposalInput): readonly Measured[] {
  const { front } = input;
  if (rule.measure !== 'thigh' || !front) return placesOf(rule, input);
  return input.measures
    .filter(({ measure, side }) => measure === 'thigh' && side === front)
    .map((one) => ({ ...one, side: null }));
}

function proposed(rule: Rule, input: Context, one: Measured): Proposal[] {
  const side: MaybeSide =
    rule.lies === 'each'
      ? one.side
      : rule.lies === 'left'
        ? one.mean > 0
          ? 'left'
          : 'right'
        : null;
  const turn = rule.lies === 'left' && one.mean < 0 ? -1 : 1;
  const off = rule.off ?? ((value: number) => value);
  const offs = one.perRepetition.map((value) => off(turn * value, input, side));
  const count = offs.length;
  const mean = offs.reduce((sum, value) => sum + value, 0) / count;
  const error = (one.sd ?? 0) / Math.sqrt(count);
  const seenIn = offs.filter((value) => value > rule.limits[0]).length;
  if (!(mean - SURE * error > rule.limits[0]) || seenIn < OFTEN * count) return [];
  const grade = GRADES[rule.limits.filter((limit) => mean > limit).length - 1];
  const value = rule.keepsValue ? one.mean : mean;
  const unit = one.unit === 'mm' ? 'mm' : 'deg';
  const { confidence } = one;
  return [
    {
      fault: rule.fault,
      side,
      phase: rule.phase,
      grade,
      value,
      unit,
      seenIn,
      of: count,
      confidence,
    },
  ];
}

/** Faults that the measures speak for, as a coach would log them. */
export function proposalsOf(input: ProposalInput): Proposal[] {
  if (input.measures.length === 0) return [];
  const context = contextOf(input);
  return RULES.filter(({ patterns }) => patterns.includes(input.pattern)).flatMap((rule) =>
    wholeOf(rule, input).flatMap((one) => proposed(rule, context, one)),
  );
}

/**
 * Measures of one joint, muscle or hold. `usual` and `restricted` are mean and standard deviation;
 * `sem` is the standard error of measurement. Defaults gathered from published reliability and
 * range studies of healthy adults; a coach can change the norms later.
 */
export interface RangeNorm {
  readonly usual: readonly [mean: number, sd: number];
  readonly restricted: readonly [mean: number, sd: number];
  readonly sem: number;
  readonly unit: 'deg' | 's' | 'reps';
  readonly least: number;
  readonly most: number;
}

/** Where the end of a check can be felt. */
export const FELT = [
  'front',
  'belly',
  'behind-knee',
  'calf-deep',
  'sit-bone',
  'line',
  'closing-side',
  'inner-knee',
  'buttock',
  'hamstring',
  'back',
  'nowhere',
] as const;
export type FeltWhere = (typeof FELT)[number];

/** As it is said after "felt". */
export const FELT_WORDS: Readonly<Record<FeltWhere, string>> = {
  front: 'in front',
  belly: 'in the belly of the muscle',
  'behind-knee': 'behind the knee',
  'calf-deep': 'deep in the calf',
  'sit-bone': 'at the sit bone',
  line: 'as a line of pull',
  'closing-side': 'on the closing side',
  'inner-knee': 'inside the knee',
  buttock: 'in the buttock',
  hamstring: 'in the hamstrings',
  back: 'in the back',
  nowhere: 'nowhere',
};

/** Ways in which one check can be taken. */
export type CheckMode = 'passive' | 'active' | 'braced';

interface CheckBase {
  readonly id: string;
  readonly sided: boolean;
  readonly name: string;
  readonly how: string;
  readonly minutes: number;
  readonly felt: readonly FeltWhere[];
  readonly asksPinch?: boolean;
  /** Set-up without which it cannot be taken. */
  readonly needs?: 'load';
  /** Asked at the end of another check, and only there. */
  readonly after?: string;
}

export interface RangeCheck extends CheckBase {
  readonly type: 'range';
  readonly norm: RangeNorm;
  readonly modes: readonly CheckMode[];
  /**
   * How far the pelvis rolls along, mean and standard deviation among people, in degrees: what a reading has
   * that is not the joint's, unless the pelvis was held. The norm is that of a pelvis that rolls.
   */
  readonly roll?: readonly [mean: number, sd: number];
}

export interface ResultCheck extends CheckBase {
  readonly type: 'result';
  /** From best to worst; of `named` ones only the first is plain, each other says something of its own. */
  readonly results: readonly string[];
  readonly named?: boolean;
  readonly resultWords: readonly string[];
  readonly braced: boolean;
}

export type CheckRow = RangeCheck | ResultCheck;

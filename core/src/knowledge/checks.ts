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
  /** Asked at the end of another check, and only there. */
  readonly after?: string;
}

export interface RangeCheck extends CheckBase {
  readonly type: 'range';
  readonly norm: RangeNorm;
  readonly modes: readonly CheckMode[];
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

const BEND: readonly FeltWhere[] = ['front', 'calf-deep', 'belly', 'nowhere'];

export const CHECKS = [
  {
    id: 'ankle-bend-knee-bent',
    type: 'range',
    sided: true,
    name: 'Ankle bend, knee bent',
    how: 'Foot flat, knee toward the wall, heel stays down. Read the lean of the shin.',
    minutes: 1,
    felt: BEND,
    modes: ['passive'],
    norm: { usual: [40, 6], restricted: [29, 5], sem: 1.7, unit: 'deg', least: -20, most: 70 },
  },
  {
    id: 'ankle-bend-knee-straight',
    type: 'range',
    sided: true,
    name: 'Ankle bend, knee straight',
    how: 'Long step back, back knee straight, heel down. Read the lean of the back shin.',
    minutes: 1,
    felt: BEND,
    modes: ['passive'],
    norm: { usual: [32, 6], restricted: [22, 5], sem: 2, unit: 'deg', least: -20, most: 65 },
  },
  {
    id: 'ankle-front-block',
    type: 'result',
    sided: true,
    name: 'Where the ankle stops',
    how: 'At the end of the knee-bent measure: where does the client feel the stop?',
    minutes: 0.3,
    after: 'ankle-bend-knee-bent',
    felt: [],
    results: ['nowhere', 'front', 'back'],
    resultWords: ['nowhere', 'in front', 'at the back'],
    named: true,
    braced: false,
  },
  {
    id: 'shin-turn-in',
    type: 'range',
    sided: true,
    name: 'Shin turns in',
    how: 'Seated, foot flat, thigh held. Big toe and heel stay down while the shin turns in.',
    minutes: 1,
    felt: ['inner-knee', 'nowhere'],
    modes: ['passive', 'active'],
    norm: { usual: [22, 5], restricted: [11, 4], sem: 2.5, unit: 'deg', least: 0, most: 50 },
  },
  {
    id: 'shin-turn-out',
    type: 'range',
    sided: true,
    name: 'Shin turns out',
    how: 'Seated, foot flat, thigh held. Big toe and heel stay down while the shin turns out.',
    minutes: 1,
    felt: ['inner-knee', 'nowhere'],
    modes: ['passive', 'active'],
    norm: { usual: [32, 5], restricted: [20, 4], sem: 2.5, unit: 'deg', least: 0, most: 60 },
  },
  {
    id: 'knee-bend',
    type: 'range',
    sided: true,
    name: 'Knee bend',
    how: 'Lying on the front, heel toward the buttock. Stop when the pelvis lifts.',
    minutes: 1,
    felt: ['front', 'line', 'inner-knee', 'behind-knee', 'nowhere'],
    asksPinch: true,
    modes: ['passive', 'active'],
    norm: { usual: [140, 7], restricted: [120, 8], sem: 2.5, unit: 'deg', least: 0, most: 165 },
  },
  {
    id: 'hip-bend',
    type: 'range',
    sided: true,
    name: 'Hip bend',
    how: 'Lying, knee to the chest, the other leg long. Stop when the pelvis rolls.',
    minutes: 1,
    felt: ['closing-side', 'sit-bone', 'belly', 'nowhere'],
    asksPinch: true,
    modes: ['passive', 'active'],
    norm: { usual: [120, 8], restricted: [100, 8], sem: 3, unit: 'deg', least: 30, most: 160 },
  },
  {
    id: 'hip-turn-in',
    type: 'range',
    sided: true,
    name: 'Hip turns in',
    how: 'Hip and knee at a right angle. Foot goes out, pelvis stays.',
    minutes: 1,
    felt: ['closing-side', 'nowhere'],
    asksPinch: true,
    modes: ['passive', 'active', 'braced'],
    norm: { usual: [38, 7], restricted: [22, 6], sem: 3, unit: 'deg', least: -10, most: 75 },
  },
  {
    id: 'hip-turn-out',
    type: 'range',
    sided: true,
    name: 'Hip turns out',
    how: 'Hip and knee at a right angle. Foot goes in, pelvis stays.',
    minutes: 1,
    felt: ['closing-side', 'nowhere'],
    asksPinch: true,
    modes: ['passive', 'active', 'braced'],
    norm: { usual: [45, 7], restricted: [30, 6], sem: 3, unit: 'deg', least: -10, most: 85 },
  },
  {
    id: 'hip-extend',
    type: 'range',
    sided: true,
    name: 'Hip extension',
    how: 'At the edge of the couch, other knee held to the chest. Thigh against level.',
    minutes: 1.5,
    felt: ['front', 'line', 'nowhere'],
    modes: ['passive', 'active'],
    norm: { usual: [10, 6], restricted: [-4, 6], sem: 2.5, unit: 'deg', least: -40, most: 40 },
  },
  {
    id: 'straight-leg-raise',
    type: 'range',
    sided: true,
    name: 'Straight-leg raise',
    how: 'Lying, knee straight, raise until the pelvis rolls. Then once more, braced.',
    minutes: 1.5,
    felt: ['belly', 'behind-knee', 'line', 'sit-bone', 'nowhere'],
    modes: ['passive', 'active', 'braced'],
    norm: { usual: [78, 10], restricted: [55, 9], sem: 3, unit: 'deg', least: 5, most: 130 },
  },
  {
    id: 'knee-straighten-90',
    type: 'range',
    sided: true,
    name: 'Knee short of straight, hip at 90°',
    how: 'Lying, thigh upright and held. How far is the knee from straight? Less is better.',
    minutes: 1.2,
    felt: ['belly', 'behind-knee', 'line', 'nowhere'],
    modes: ['passive', 'active'],
    norm: { usual: [18, 9], restricted: [38, 9], sem: 3.5, unit: 'deg', least: 0, most: 90 },
  },
  {
    id: 'floor-sit-turn',
    type: 'range',
    sided: true,
    name: 'Floor-sit turn',
    how: 'Front and back floor sit, hands behind. How far does the knee drop before the pelvis turns?',
    minutes: 1.5,
    felt: ['closing-side', 'inner-knee', 'belly', 'nowhere'],
    modes: ['active'],
    norm: { usual: [42, 8], restricted: [26, 7], sem: 3.5, unit: 'deg', least: 0, most: 80 },
  },
  {
    id: 'double-leg-lift',
    type: 'result',
    sided: false,
    name: 'Two-leg lift',
    how: 'Lying, both legs lifted a hand high. Watch the low back; then the same, braced.',
    minutes: 0.7,
    felt: [],
    results: ['holds', 'wavers', 'lost'],
    resultWords: ['holds', 'wavers', 'lost'],
    braced: true,
  },
  {
    id: 'breath-low',
    type: 'result',
    sided: false,
    name: 'Low breath',
    how: 'One hand on the belly, one on the chest. Does the belly go first, and can they breathe while braced?',
    minutes: 0.7,
    felt: [],
    results: ['yes', 'partly', 'no'],
    resultWords: ['yes', 'partly', 'no'],
    braced: false,
  },
  {
    id: 'one-leg-stand-bend',
    type: 'result',
    sided: true,
    name: 'One-leg bend',
    how: 'Five slow bends on one leg. Watch the knee.',
    minutes: 1,
    felt: [],
    results: ['steady', 'wobbles', 'collapses'],
    resultWords: ['steady', 'wobbles', 'falls in'],
    braced: false,
  },
  {
    id: 'side-hip-hold',
    type: 'range',
    sided: true,
    name: 'Side-hip hold',
    how: 'Lying on the side, upper leg lifted in line with the trunk. Seconds until it sinks or rolls.',
    minutes: 1.5,
    felt: [],
    modes: ['active'],
    norm: { usual: [45, 15], restricted: [18, 10], sem: 5, unit: 's', least: 0, most: 300 },
  },
  {
    id: 'bridge-hold',
    type: 'range',
    sided: true,
    name: 'One-leg bridge hold',
    how: 'One foot down, other leg long, pelvis level. Seconds until it drops.',
    minutes: 1.5,
    felt: ['buttock', 'hamstring', 'back', 'nowhere'],
    modes: ['active'],
    norm: { usual: [35, 12], restricted: [12, 8], sem: 4, unit: 's', least: 0, most: 300 },
  },
  {
    id: 'knee-extend-strength',
    type: 'range',
    sided: true,
    name: 'One-leg sit to stand',
    how: 'From knee height, slowly, on one leg. Count clean repetitions.',
    minutes: 1.5,
    felt: [],
    modes: ['active'],
    norm: { usual: [8, 3], restricted: [3, 2], sem: 1, unit: 'reps', least: 0, most: 60 },
  },
  {
    id: 'adductor-lift',
    type: 'range',
    sided: true,
    name: 'Inner-thigh lift',
    how: 'Lying on the side, lower leg turned in and lifted. Count clean repetitions.',
    minutes: 1.5,
    felt: [],
    modes: ['active'],
    norm: { usual: [15, 5], restricted: [6, 4], sem: 2, unit: 'reps', least: 0, most: 80 },
  },
  {
    id: 'heel-raises',
    type: 'range',
    sided: true,
    name: 'One-leg heel raises',
    how: 'Fingertips on a wall, full height, steady beat. Count until the height goes.',
    minutes: 1.5,
    felt: [],
    modes: ['active'],
    norm: { usual: [25, 7], restricted: [12, 6], sem: 2.5, unit: 'reps', least: 0, most: 80 },
  },
  {
    id: 'midback-turn',
    type: 'range',
    sided: true,
    name: 'Mid-back turn',
    how: 'Seated, arms crossed, knees together. Turn until the pelvis follows.',
    minutes: 1,
    felt: ['nowhere'],
    modes: ['active'],
    norm: { usual: [50, 9], restricted: [33, 8], sem: 4, unit: 'deg', least: 0, most: 90 },
  },
  {
    id: 'shoulder-raise',
    type: 'range',
    sided: true,
    name: 'Arm overhead',
    how: 'Back flat against a wall, arm up along the ear. Stop when the back leaves the wall.',
    minutes: 1,
    felt: ['front', 'closing-side', 'nowhere'],
    asksPinch: true,
    modes: ['passive', 'active'],
    norm: { usual: [170, 8], restricted: [148, 10], sem: 4, unit: 'deg', least: 40, most: 190 },
  },
  {
    id: 'nerve-slump',
    type: 'result',
    sided: true,
    name: 'Head changes it',
    how: 'Seated, slumped, knee toward straight. Does the feeling change when only the head moves?',
    minutes: 1,
    felt: [],
    results: ['no', 'yes'],
    resultWords: ['no', 'yes'],
    braced: false,
  },
  {
    id: 'kneecap-line',
    type: 'result',
    sided: true,
    name: 'Kneecap line',
    how: 'Standing, feet straight. Kneecap against the middle of the thigh.',
    minutes: 0.3,
    felt: [],
    results: ['centred', 'inward', 'outward'],
    resultWords: ['centred', 'inward', 'outward'],
    named: true,
    braced: false,
  },
] as const satisfies readonly CheckRow[];

/** Checks that are worked out from others, and so are never taken nor read from a file. */
export const DERIVED_CHECKS = [
  {
    id: 'hip-bend-knee-straight-vs-bent',
    name: 'Hip bend, knee straight against bent',
    from: ['straight-leg-raise', 'hip-bend'],
  },
] as const;

export type CheckId = (typeof CHECKS)[number]['id'];

const byId = new Map<string, CheckRow>(CHECKS.map((row) => [row.id, row]));

/** The row of a check. Throws on an id that is not in the table. */
export function oneCheck(id: string): CheckRow {
  const row = byId.get(id);
  if (!row) throw new RangeError(`unknown check ${id}`);
  return row;
}

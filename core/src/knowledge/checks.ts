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

export type FeltWhere =
  | 'front'
  | 'belly'
  | 'behind-knee'
  | 'calf-deep'
  | 'sit-bone'
  | 'line'
  | 'closing-side'
  | 'inner-knee'
  | 'nowhere';

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
}

export interface RangeCheck extends CheckBase {
  readonly type: 'range';
  readonly norm: RangeNorm;
  readonly modes: readonly CheckMode[];
}

export interface ResultCheck extends CheckBase {
  readonly type: 'result';
  /** From best to worst. */
  readonly results: readonly string[];
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
    felt: ['belly', 'nowhere'],
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
] as const satisfies readonly CheckRow[];

export type CheckId = (typeof CHECKS)[number]['id'];

const byId = new Map<string, CheckRow>(CHECKS.map((row) => [row.id, row]));

/** The row of a check. Throws on an id that is not in the table. */
export function oneCheck(id: string): CheckRow {
  const row = byId.get(id);
  if (!row) throw new RangeError(`unknown check ${id}`);
  return row;
}

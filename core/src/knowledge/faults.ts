import type { Grade, Pattern, Phase, View, Zone } from './patterns';

/**
 * How a fault lies on the body: `limb` belongs to one side, `toward` is a direction the whole
 * body takes (to its left or right), `none` has no side.
 */
export type FaultSidedness = 'limb' | 'toward' | 'none';

export interface FaultRow {
  readonly id: string;
  readonly patterns: readonly Pattern[];
  readonly phases: readonly Phase[];
  readonly views: readonly View[];
  readonly zone: Zone;
  readonly sided: FaultSidedness;
  /** Unit of the optional number; `null` when only a grade is taken. */
  readonly unit: 'deg' | 'mm' | null;
  /** Standard error of measurement by a practised eye, in `unit`. Our default, editable later. */
  readonly eyeSem: number;
  /** Largest number that can be meant, in `unit`. */
  readonly most: number;
  /** Two or three words between the buttons "left" and "right". */
  readonly short: string;
  /** A sentence; `{side}` stands for left or right, `{Side}` for the same with a capital. */
  readonly sentence: string;
  /** What to look at, for a coach who has not met the word. */
  readonly cue: string;
  /** Set-up without which the fault cannot be seen. */
  readonly needs?: 'load' | 'overhead';
}

const DOWN_BOTTOM: readonly Phase[] = ['down', 'bottom'];
const DOWN_BOTTOM_UP: readonly Phase[] = ['down', 'bottom', 'up'];
const FRONTAL: readonly View[] = ['back', 'front'];

/** Departures from plan that can be seen in a squat. */
export const FAULTS = [
  {
    id: 'depth-short',
    patterns: ['squat'],
    phases: ['bottom'],
    views: ['side'],
    zone: 'hips',
    sided: 'none',
    unit: 'deg',
    eyeSem: 5,
    most: 90,
    short: 'short of depth',
    sentence: 'Stops short of depth',
    cue: 'Angle of the thigh above level at the lowest point.',
  },
  {
    id: 'trunk-folds',
    patterns: ['squat'],
    phases: DOWN_BOTTOM_UP,
    views: ['side'],
    zone: 'trunk',
    sided: 'none',
    unit: 'deg',
    eyeSem: 4,
    most: 90,
    short: 'chest drops',
    sentence: 'Trunk folds forward',
    cue: 'Lean of the trunk from upright.',
  },
  {
    id: 'shin-stays-upright',
    patterns: ['squat'],
    phases: DOWN_BOTTOM,
    views: ['side'],
    zone: 'ankle',
    sided: 'limb',
    unit: 'deg',
    eyeSem: 4,
    most: 60,
    short: 'shin stays upright',
    sentence: '{Side} shin stays upright',
    cue: 'Lean of the shin at the lowest point.',
  },
  {
    id: 'heel-lifts',
    patterns: ['squat'],
    phases: DOWN_BOTTOM_UP,
    views: ['side', 'back'],
    zone: 'ankle',
    sided: 'limb',
    unit: 'mm',
    eyeSem: 4,
    most: 120,
    short: 'heel lifts',
    sentence: '{Side} heel lifts',
    cue: 'Height of the heel off the floor.',
  },
  {
    id: 'foot-turns-out',
    patterns: ['squat'],
    phases: DOWN_BOTTOM,
    views: FRONTAL,
    zone: 'foot',
    sided: 'limb',
    unit: 'deg',
    eyeSem: 3,
    most: 60,
    short: 'turns out',
    sentence: '{Side} foot turns out',
    cue: 'Turn gained since the start.',
  },
  {
    id: 'arch-drops',
    patterns: ['squat'],
    phases: DOWN_BOTTOM_UP,
    views: FRONTAL,
    zone: 'foot',
    sided: 'limb',
    unit: null,
    eyeSem: 0,
    most: 0,
    short: 'arch drops',
    sentence: '{Side} arch drops',
    cue: 'The inner edge of the foot sinks to the floor.',
  },
  {
    id: 'knee-in',
    patterns: ['squat'],
    phases: DOWN_BOTTOM_UP,
    views: FRONTAL,
    zone: 'knee',
    sided: 'limb',
    unit: 'deg',
    eyeSem: 3,
    most: 45,
    short: 'moves in',
    sentence: '{Side} knee moves in',
    cue: 'Knee inside the line from hip to foot.',
  },
  {
    id: 'knee-out-finish',
    patterns: ['squat'],
    phases: ['finish'],
    views: ['front'],
    zone: 'knee',
    sided: 'limb',
    unit: null,
    eyeSem: 0,
    most: 0,
    short: 'swings outward',
    sentence: '{Side} kneecap swings outward as the legs straighten',
    cue: 'Kneecap against the line of the foot in the last part.',
  },
  {
    id: 'knees-lead',
    patterns: ['squat'],
    phases: ['down'],
    views: ['side'],
    zone: 'knee',
    sided: 'none',
    unit: 'mm',
    eyeSem: 10,
    most: 400,
    short: 'knees lead',
    sentence: 'Knees go first, hips stay',
    cue: 'Knees travel past the toes before the hips move back.',
  },
  {
    id: 'hips-slide',
    patterns: ['squat'],
    phases: DOWN_BOTTOM_UP,
    views: FRONTAL,
    zone: 'hips',
    sided: 'toward',
    unit: 'mm',
    eyeSem: 6,
    most: 200,
    short: 'slide',
    sentence: 'Hips slide to the {side}',
    cue: 'Middle of the pelvis against the middle between the feet.',
  },
  {
    id: 'pelvis-turns',
    patterns: ['squat'],
    phases: DOWN_BOTTOM_UP,
    views: FRONTAL,
    zone: 'hips',
    sided: 'limb',
    unit: 'deg',
    eyeSem: 3,
    most: 45,
    short: 'turns back',
    sentence: 'Pelvis turns, {side} side back',
    cue: 'The side of the pelvis that goes back.',
  },
  {
    id: 'pelvis-tucks',
    patterns: ['squat'],
    phases: DOWN_BOTTOM,
    views: ['side'],
    zone: 'hips',
    sided: 'none',
    unit: 'deg',
    eyeSem: 4,
    most: 60,
    short: 'tucks under',
    sentence: 'Pelvis tucks under, low back rounds',
    cue: 'Rounding of the low back near the lowest point.',
  },
  {
    id: 'trunk-side-bends',
    patterns: ['squat'],
    phases: DOWN_BOTTOM_UP,
    views: FRONTAL,
    zone: 'trunk',
    sided: 'toward',
    unit: 'deg',
    eyeSem: 3,
    most: 45,
    short: 'bends to',
    sentence: 'Trunk bends to the {side}',
    cue: 'Lean of the trunk to one side.',
  },
  {
    id: 'back-arches',
    patterns: ['squat'],
    phases: ['start', 'down', 'up', 'finish'],
    views: ['side'],
    zone: 'trunk',
    sided: 'none',
    unit: 'deg',
    eyeSem: 4,
    most: 60,
    short: 'back arches',
    sentence: 'Low back arches',
    cue: 'Hollow of the low back beyond its standing shape.',
  },
  {
    id: 'hips-rise-first',
    patterns: ['squat'],
    phases: ['up'],
    views: ['side'],
    zone: 'trunk',
    sided: 'none',
    unit: 'deg',
    eyeSem: 4,
    most: 60,
    short: 'hips rise first',
    sentence: 'Hips rise before the chest',
    cue: 'Lean gained in the first third of the way up.',
  },
  {
    id: 'overhead-folds',
    patterns: ['squat'],
    phases: DOWN_BOTTOM,
    views: ['side'],
    zone: 'trunk',
    sided: 'none',
    unit: 'deg',
    eyeSem: 4,
    most: 60,
    short: 'folds, arms up',
    sentence: 'Folds only with the arms overhead',
    cue: 'Lean gained against the same squat with the arms down.',
    needs: 'overhead',
  },
  {
    id: 'weight-to-toes',
    patterns: ['squat'],
    phases: DOWN_BOTTOM_UP,
    views: ['side'],
    zone: 'foot',
    sided: 'none',
    unit: null,
    eyeSem: 0,
    most: 0,
    short: 'weight to toes',
    sentence: 'Weight goes to the toes',
    cue: 'Pressure leaves the heels, toes grip.',
  },
  {
    id: 'tips-back',
    patterns: ['squat'],
    phases: DOWN_BOTTOM,
    views: ['side'],
    zone: 'foot',
    sided: 'none',
    unit: null,
    eyeSem: 0,
    most: 0,
    short: 'tips back',
    sentence: 'Tips back near the bottom',
    cue: 'Toes lighten, arms reach to save the balance.',
  },
  {
    id: 'load-drifts',
    patterns: ['squat'],
    phases: DOWN_BOTTOM_UP,
    views: ['side'],
    zone: 'foot',
    sided: 'none',
    unit: 'mm',
    eyeSem: 10,
    most: 300,
    short: 'load drifts',
    sentence: 'Load drifts ahead of mid-foot',
    cue: 'Path of the load against the middle of the foot.',
    needs: 'load',
  },
] as const satisfies readonly FaultRow[];

export type FaultId = (typeof FAULTS)[number]['id'];

/** A fault looked for and not there: on both sides, or on one (`knee-in@left`). */
export type ClearKey = FaultId | `${FaultId}@${'left' | 'right'}`;

const byId = new Map<string, FaultRow>(FAULTS.map((row) => [row.id, row]));

/** The row of a fault. Throws on an id that is not in the table. */
export function oneFault(id: string): FaultRow {
  const row = byId.get(id);
  if (!row) throw new RangeError(`unknown fault ${id}`);
  return row;
}

/** Levels of a fault from "looked for and not there" up. Ordered; not numbers to add. */
export const FAULT_LEVELS = ['clear', 'slight', 'plain', 'marked'] as const;
export type FaultLevel = 'clear' | Grade;

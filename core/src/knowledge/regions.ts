import type { DrillLoad, LoadedJoint } from './drillLoad';

/** Parts of the body in which a coach looks for a place, from the head down. */
export const AREAS = ['neck-and-arms', 'back', 'hip-and-thigh', 'knee', 'leg-and-foot'] as const;
export type Area = (typeof AREAS)[number];

type NerveLine = NonNullable<DrillLoad['line']>;

/** A place that can hurt, and what touches it. */
export interface RegionRow {
  readonly id: string;
  readonly area: Area;
  /** Joints that strain it when they are taken far or loaded. */
  readonly joints: readonly LoadedJoint[];
  /** Strained as the back is: by leaning, turning and rounding. */
  readonly isBack?: true;
  /** Pressed by kneeling. */
  readonly kneels?: true;
  /** Strained where the shin is turned under a bent knee. */
  readonly twists?: true;
  /** Pressed by a tool where one is used on the leg. */
  readonly pressed?: true;
  /** The nerve that runs there, as far as an electric pain in it speaks for that nerve. */
  readonly nerve?: NerveLine;
  /** Lines that are not lengthened while it hurts like electricity: wider than `nerve`, to be careful. */
  readonly spares: readonly NerveLine[];
}

const BOTH: readonly NerveLine[] = ['back-of-leg', 'front-of-leg'];
const BACK: readonly NerveLine[] = ['back-of-leg'];
const FRONT: readonly NerveLine[] = ['front-of-leg'];

/** Every place that can be told, those of older files too (`back`, and `hip` and `knee` for all about them). */
export const REGION_ROWS = [
  { id: 'neck', area: 'neck-and-arms', joints: ['neck'], spares: [] },
  { id: 'shoulder', area: 'neck-and-arms', joints: ['shoulder'], spares: [] },
  { id: 'elbow', area: 'neck-and-arms', joints: ['elbow'], spares: [] },
  { id: 'wrist', area: 'neck-and-arms', joints: ['wrist'], spares: [] },
  { id: 'upper-back', area: 'back', joints: [], isBack: true, spares: [] },
  { id: 'back', area: 'back', joints: [], isBack: true, nerve: 'back-of-leg', spares: BOTH },
  { id: 'low-back', area: 'back', joints: [], isBack: true, nerve: 'back-of-leg', spares: BOTH },
  { id: 'buttock', area: 'back', joints: ['hip'], nerve: 'back-of-leg', spares: BACK },
  { id: 'hip', area: 'hip-and-thigh', joints: ['hip'], spares: BOTH },
  { id: 'groin', area: 'hip-and-thigh', joints: ['hip'], nerve: 'front-of-leg', spares: FRONT },
  {
    id: 'front-thigh',
    area: 'hip-and-thigh',
    joints: ['hip', 'knee'],
    pressed: true,
    nerve: 'front-of-leg',
    spares: FRONT,
  },
  {
    id: 'back-thigh',
    area: 'hip-and-thigh',
    joints: ['hip', 'knee'],
    pressed: true,
    nerve: 'back-of-leg',
    spares: BACK,
  },
  { id: 'inner-thigh', area: 'hip-and-thigh', joints: ['hip'], pressed: true, spares: BOTH },
  { id: 'outer-thigh', area: 'hip-and-thigh', joints: ['hip'], pressed: true, spares: BOTH },
  { id: 'knee', area: 'knee', joints: ['knee'], kneels: true, twists: true, spares: BOTH },
  {
    id: 'inner-knee',
    area: 'knee',
    joints: ['knee'],
    kneels: true,
    twists: true,
    nerve: 'front-of-leg',
    spares: FRONT,
  },
  { id: 'kneecap', area: 'knee', joints: ['knee'], kneels: true, twists: true, spares: FRONT },
  { id: 'shin', area: 'leg-and-foot', joints: ['ankle'], kneels: true, spares: BACK },
  {
    id: 'calf',
    area: 'leg-and-foot',
    joints: ['ankle'],
    pressed: true,
    nerve: 'back-of-leg',
    spares: BACK,
  },
  { id: 'achilles', area: 'leg-and-foot', joints: ['ankle'], pressed: true, spares: BACK },
  { id: 'ankle', area: 'leg-and-foot', joints: ['ankle'], spares: BACK },
  { id: 'heel', area: 'leg-and-foot', joints: ['ankle'], pressed: true, spares: BACK },
  {
    id: 'foot',
    area: 'leg-and-foot',
    joints: ['ankle', 'foot', 'toes'],
    pressed: true,
    nerve: 'back-of-leg',
    spares: BACK,
  },
  { id: 'big-toe', area: 'leg-and-foot', joints: ['toes'], pressed: true, spares: BACK },
] as const satisfies readonly RegionRow[];

export type Region = (typeof REGION_ROWS)[number]['id'];

export const REGIONS: readonly Region[] = REGION_ROWS.map(({ id }) => id);

const byId = new Map<string, RegionRow>(REGION_ROWS.map((row) => [row.id, row]));

/** The row of a region. Throws on an id that is not in the table. */
export function oneRegion(id: string): RegionRow {
  const row = byId.get(id);
  if (!row) throw new RangeError(`unknown region ${id}`);
  return row;
}

/** A place in the middle of a sentence: "right inner knee". */
export const placeWords = (region: Region, side?: string | null): string =>
  `${side ? `${side} ` : ''}${region.replaceAll('-', ' ')}`;

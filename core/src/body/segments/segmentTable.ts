/**
 * Segment lengths as a fraction of standing height: R. Drillis & R. Contini, "Body Segment
 * Parameters", New York University, 1966.
 */
export const LENGTH_TO_HEIGHT = {
  footM: 0.152,
  ankleHeightM: 0.039,
  shankM: 0.246,
  thighM: 0.245,
  hipWidthM: 0.191,
  trunkM: 0.288,
  headM: 0.182,
  upperArmM: 0.186,
  forearmM: 0.146,
  handM: 0.108,
  shoulderWidthM: 0.259,
} as const;

export type SegmentName = keyof typeof LENGTH_TO_HEIGHT;

/** The lengths there are two of. */
export const LIMB_NAMES = [
  'footM',
  'ankleHeightM',
  'shankM',
  'thighM',
  'upperArmM',
  'forearmM',
  'handM',
] as const satisfies readonly SegmentName[];

export type LimbName = (typeof LIMB_NAMES)[number];
export type TrunkName = Exclude<SegmentName, LimbName>;

export const THIGH_TO_HEIGHT = LENGTH_TO_HEIGHT.thighM;
export const SHANK_TO_HEIGHT = LENGTH_TO_HEIGHT.shankM;

/**
 * Segment masses as a fraction of body mass (one side where there are two) and the place of the
 * centre of mass from the upper end: W. T. Dempster 1955, as tabulated in D. A. Winter,
 * "Biomechanics and Motor Control of Human Movement".
 */
export const MASS_TO_BODY = {
  foot: 0.0145,
  shank: 0.0465,
  thigh: 0.1,
  trunk: 0.497,
  head: 0.081,
  upperArm: 0.028,
  forearm: 0.016,
  hand: 0.006,
} as const;

export const CENTRE_FROM_UPPER_END = {
  shank: 0.433,
  thigh: 0.433,
  trunk: 0.5,
  head: 0.5,
  upperArm: 0.436,
  forearm: 0.43,
  hand: 0.506,
} as const;

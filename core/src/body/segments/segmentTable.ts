/**
 * Segment lengths as a fraction of standing height: R. Drillis & R. Contini, "Body Segment
 * Parameters", New York University, 1966. The distance between the hip joints' centres is not in it:
 * its 0.191 is the breadth of the hips, flesh included.
 */
export const LENGTH_TO_HEIGHT = {
  footM: 0.152,
  ankleHeightM: 0.039,
  shankM: 0.246,
  thighM: 0.245,
  /** Between the centres of the hip joints. */
  hipWidthM: 0.104,
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

/** The trunk bends in the low back, this share of its length above the hip line: 0.055 of 0.288 of height. */
export const PELVIS_OF_TRUNK = 0.055 / LENGTH_TO_HEIGHT.trunkM;

export const THIGH_TO_HEIGHT = LENGTH_TO_HEIGHT.thighM;
export const SHANK_TO_HEIGHT = LENGTH_TO_HEIGHT.shankM;

/**
 * Segment masses as a fraction of body mass (one side where there are two) and the place of the
 * centre of mass from the end nearer the middle of the body: W. T. Dempster 1955, as tabulated in D. A. Winter,
 * "Biomechanics and Motor Control of Human Movement".
 */
export const MASS_TO_BODY = {
  foot: 0.0145,
  shank: 0.0465,
  thigh: 0.1,
  pelvis: 0.142,
  /** Chest and belly. */
  thorax: 0.355,
  head: 0.081,
  upperArm: 0.028,
  forearm: 0.016,
  hand: 0.006,
} as const;

export const CENTRE_FROM_NEAR_END = {
  shank: 0.433,
  thigh: 0.433,
  pelvis: 0.5,
  thorax: 0.58,
  head: 0.5,
  upperArm: 0.436,
  forearm: 0.43,
  hand: 0.506,
} as const;

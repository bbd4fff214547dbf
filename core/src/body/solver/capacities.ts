import { SIDES, type Side } from '../../foundation/sides/side';

/** Moments that a leg's joints can hold, in newton metres. */
interface Capacity {
  readonly hipNm: number;
  /** What the muscles at the side of the hip hold. */
  readonly hipSideNm: number;
  readonly kneeNm: number;
  readonly ankleNm: number;
  /** How firmly the knee is kept from falling inside the line of its foot; 1 usual. */
  readonly kneeLine: number;
}
export type Capacities = Readonly<Record<Side, Capacity>> & {
  /** What the low back can hold. */
  readonly backNm: number;
  /** How much of the trunk's hold is the muscles' own: the rest hangs in its ligaments. 1 usual. */
  readonly backHeld: number;
};

/** What muscles at the side of a hip hold, as a share of what those behind it do. Ours. */
const SIDE_OF_HIP = 0.7;

/** Usual strength per kilogram of body mass, slow and in mid-range. Ours, rounded. */
export const USUAL_NM_PER_KG = {
  hipNm: 3,
  hipSideNm: SIDE_OF_HIP * 3,
  kneeNm: 2.1,
  ankleNm: 2.5,
  backNm: 5,
} as const;

/** What strength and hold are told of, on each leg. */
export const LEG_STRENGTHS = ['hip', 'hipSide', 'knee', 'ankle', 'kneeLine'] as const;
export type LegStrength = (typeof LEG_STRENGTHS)[number];

/** A share of usual: of both legs, or of each. */
export type OneOrBoth = number | Readonly<Record<Side, number>>;

/** Shares of usual strength and hold; 1 where nothing is said. */
export type Strength = { readonly [Name in LegStrength]?: OneOrBoth } & { readonly back?: number };

export const shareOn = (side: Side, share: OneOrBoth = 1): number =>
  typeof share === 'number' ? share : share[side];

function capacityOn(side: Side, massKg: number, strength: Strength): Capacity {
  const nm = (name: keyof typeof USUAL_NM_PER_KG, share?: OneOrBoth) =>
    shareOn(side, share) * USUAL_NM_PER_KG[name] * massKg;
  const { hip, hipSide = hip, knee, ankle, kneeLine } = strength;
  return {
    hipNm: nm('hipNm', hip),
    hipSideNm: nm('hipSideNm', hipSide),
    kneeNm: nm('kneeNm', knee),
    ankleNm: nm('ankleNm', ankle),
    kneeLine: shareOn(side, kneeLine),
  };
}

/** Strength of a body of this mass. A hip weak behind is weak at its side where nothing else is said. */
export function capacitiesOf(massKg: number, strength: Strength = {}): Capacities {
  const [left, right] = SIDES.map((side) => capacityOn(side, massKg, strength));
  const { back = 1 } = strength;
  return {
    left,
    right,
    backNm: back * USUAL_NM_PER_KG.backNm * massKg,
    backHeld: Math.min(1, back),
  };
}

/** Usual strength. */
export const usualCapacities = (massKg: number): Capacities => capacitiesOf(massKg);

import { radOfDeg } from '../../foundation/numeric/angle';
import { SIDES, type Side } from '../../foundation/sides/side';

/**
 * A muscle over two joints as a line: `range` at one end of the other joint, growing by `slope` for
 * every unit of the other joint's bend. In radians.
 */
interface TwoJointLine {
  readonly rangeRad: number;
  readonly slope: number;
}

/** What one side's joints allow, in radians; what is not limited is Infinity or absent. */
export interface SideLimits {
  readonly ankleBend: number;
  readonly hipBend: number;
  readonly kneeBend: number;
  readonly hipTurnIn: number;
  readonly hipTurnOut: number;
  readonly hipOpen: number;
  /** How far the thigh goes behind the trunk. */
  readonly hipExtend: number;
  /** How far the toes let the heel rise. */
  readonly toeBend: number;
  /** Hip bend against knee bend. */
  readonly hamstrings: TwoJointLine | null;
  /** Ankle bend against knee bend. */
  readonly longCalf: TwoJointLine | null;
  /** Knee bend against hip bend. */
  readonly frontThigh: TwoJointLine | null;
}

export interface Limits {
  readonly sides: Readonly<Record<Side, SideLimits>>;
  /** How far the pelvis may tuck under to go on when the hips are at their end. */
  readonly tuckRad: number;
}

/** How far a pelvis may tuck under: about what a low back has from its arch to round. */
export const MOST_TUCK_DEG = 20;

/**
 * How much of a joint's bend a two-joint muscle gives back at the other joint: ratios of its moment
 * arms, rounded (hip over knee for the hamstrings, knee over ankle for the long calf muscle, knee
 * over hip for the front of the thigh).
 */
const SLOPES = { hamstrings: 0.7, longCalf: 0.35, frontThigh: 0.6 } as const;

/** What no living joint leaves: calf meets thigh, belly meets thigh. Used where nothing was given. */
const BODY_CEILINGS_DEG = {
  ankleBend: 60,
  hipBend: 150,
  kneeBend: 160,
  hipExtend: 45,
  toeBend: 80,
} as const;

/** Degrees as they come from a case file, a check or a slider; absent means not limited. */
export interface SideLimitsDeg {
  readonly ankleBendDeg?: number;
  readonly hipBendDeg?: number;
  readonly kneeBendDeg?: number;
  readonly hipTurnInDeg?: number;
  readonly hipTurnOutDeg?: number;
  readonly hipOpenDeg?: number;
  readonly hipExtendDeg?: number;
  readonly toeBendDeg?: number;
  /** Hip bend with the knee straight: the straight-leg raise. */
  readonly straightLegRaiseDeg?: number;
  /** Ankle bend with the knee straight. */
  readonly ankleBendStraightDeg?: number;
  /** Knee bend with the thigh in line with the trunk. */
  readonly kneeBendHipStraightDeg?: number;
}

export interface LimitsDeg {
  readonly left?: SideLimitsDeg;
  readonly right?: SideLimitsDeg;
}

const orCeiling = (deg: number | undefined, ceilingDeg: number): number =>
  radOfDeg(Math.min(deg ?? ceilingDeg, ceilingDeg));

const orNone = (deg: number | undefined): number => (deg === undefined ? Infinity : radOfDeg(deg));

const lineOf = (deg: number | undefined, slope: number): TwoJointLine | null =>
  deg === undefined ? null : { rangeRad: radOfDeg(deg), slope };

/** One side's limits in radians from degrees. */
export function sideLimits(given: SideLimitsDeg): SideLimits {
  return {
    ankleBend: orCeiling(given.ankleBendDeg, BODY_CEILINGS_DEG.ankleBend),
    hipBend: orCeiling(given.hipBendDeg, BODY_CEILINGS_DEG.hipBend),
    kneeBend: orCeiling(given.kneeBendDeg, BODY_CEILINGS_DEG.kneeBend),
    hipExtend: orCeiling(given.hipExtendDeg, BODY_CEILINGS_DEG.hipExtend),
    toeBend: orCeiling(given.toeBendDeg, BODY_CEILINGS_DEG.toeBend),
    hipTurnIn: orNone(given.hipTurnInDeg),
    hipTurnOut: orNone(given.hipTurnOutDeg),
    hipOpen: orNone(given.hipOpenDeg),
    hamstrings: lineOf(given.straightLegRaiseDeg, SLOPES.hamstrings),
    longCalf: lineOf(given.ankleBendStraightDeg, SLOPES.longCalf),
    frontThigh: lineOf(given.kneeBendHipStraightDeg, SLOPES.frontThigh),
  };
}

/** Limits in radians from degrees; `tuckDeg` is how far the pelvis may tuck under, 0 for not. */
export const limitsOf = (given: LimitsDeg = {}, tuckDeg = 0): Limits => ({
  sides: { left: sideLimits(given.left ?? {}), right: sideLimits(given.right ?? {}) },
  tuckRad: radOfDeg(tuckDeg),
});

const better = (a: TwoJointLine | null, b: TwoJointLine | null): TwoJointLine | null =>
  a && b ? (a.rangeRad > b.rangeRad ? a : b) : null;

/** Limits with the better side's range on both sides. */
export function bestOfBoth({ sides, tuckRad }: Limits): Limits {
  const { left: a, right: b } = sides;
  const most = (name: keyof SideLimits) => Math.max(a[name] as number, b[name] as number);
  const both: SideLimits = {
    ankleBend: most('ankleBend'),
    hipBend: most('hipBend'),
    kneeBend: most('kneeBend'),
    hipTurnIn: most('hipTurnIn'),
    hipTurnOut: most('hipTurnOut'),
    hipOpen: most('hipOpen'),
    hipExtend: most('hipExtend'),
    toeBend: most('toeBend'),
    hamstrings: better(a.hamstrings, b.hamstrings),
    longCalf: better(a.longCalf, b.longCalf),
    frontThigh: better(a.frontThigh, b.frontThigh),
  };
  return { sides: { left: both, right: both }, tuckRad };
}

/** Moments that hips and knees can hold, in newton metres. */
interface Capacity {
  readonly hipNm: number;
  readonly kneeNm: number;
}
export type Capacities = Readonly<Record<Side, Capacity>>;

/** Usual strength per kilogram of body mass, slow and in mid-range. Ours, rounded. */
const USUAL_NM_PER_KG = { hipNm: 3, kneeNm: 2.5 } as const;

export const usualCapacities = (massKg: number): Capacities =>
  Object.fromEntries(
    SIDES.map((side) => [
      side,
      { hipNm: USUAL_NM_PER_KG.hipNm * massKg, kneeNm: USUAL_NM_PER_KG.kneeNm * massKg },
    ]),
  ) as unknown as Capacities;

import { radOfDeg } from '../../foundation/numeric/angle';
import type { Side } from '../../foundation/sides/side';

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
  /** How far the thigh goes across, toward the other leg. */
  readonly hipAdduct: number;
  /** How far the shin tilts to a side of its foot: to the inside, to the outside. */
  readonly shinTiltIn: number;
  readonly shinTiltOut: number;
  /** How far the thigh goes behind the pelvis. */
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
  /** How far the low back bends forward, and how far back (less than nothing). */
  readonly lumbarRad: number;
  readonly lumbarArchRad: number;
}

/**
 * What a low back bends, from its arch in standing: a usual one arches by 15° more and rounds by 30°. Up
 * to 10° nobody speaks of rounding, and nobody who has not said more is let go further.
 */
export const LUMBAR_DEG = { arch: 15, neutral: 10, round: 30 } as const;

/**
 * How much of a joint's bend a two-joint muscle gives back at the other joint: ratios of its moment
 * arms, rounded (hip over knee for the hamstrings, knee over ankle for the long calf muscle, knee
 * over hip for the front of the thigh).
 */
const SLOPES = { hamstrings: 0.7, longCalf: 0.35, frontThigh: 0.6 } as const;

/** What no living joint leaves. Used where nothing was given. */
const BODY_CEILINGS_DEG = {
  ankleBend: 60,
  hipBend: 150,
  kneeBend: 160,
  hipExtend: 45,
  toeBend: 80,
  hipAdduct: 45,
} as const;
/** What is taken where nobody has measured it: a bent hip opens so far, a shin tilts so far over its foot. */
export const UNMEASURED_DEG = { hipOpen: 50, shinTilt: 12 } as const;

/** Degrees as they come from a case file, a check or a slider; absent means not limited. */
export interface SideLimitsDeg {
  readonly ankleBendDeg?: number;
  readonly hipBendDeg?: number;
  readonly kneeBendDeg?: number;
  readonly hipTurnInDeg?: number;
  readonly hipTurnOutDeg?: number;
  readonly hipOpenDeg?: number;
  readonly hipAdductDeg?: number;
  readonly shinTiltInDeg?: number;
  readonly shinTiltOutDeg?: number;
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
  /** How far the low back bends forward; not given: as far as neutral goes. */
  readonly lumbarBendDeg?: number;
  /** How far it arches beyond standing. */
  readonly lumbarArchDeg?: number;
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
    hipOpen: radOfDeg(given.hipOpenDeg ?? UNMEASURED_DEG.hipOpen),
    hipAdduct: orCeiling(given.hipAdductDeg, BODY_CEILINGS_DEG.hipAdduct),
    shinTiltIn: radOfDeg(given.shinTiltInDeg ?? UNMEASURED_DEG.shinTilt),
    shinTiltOut: radOfDeg(given.shinTiltOutDeg ?? UNMEASURED_DEG.shinTilt),
    hamstrings: lineOf(given.straightLegRaiseDeg, SLOPES.hamstrings),
    longCalf: lineOf(given.ankleBendStraightDeg, SLOPES.longCalf),
    frontThigh: lineOf(given.kneeBendHipStraightDeg, SLOPES.frontThigh),
  };
}

/** Limits in radians from degrees. */
export const limitsOf = (given: LimitsDeg = {}): Limits => ({
  sides: { left: sideLimits(given.left ?? {}), right: sideLimits(given.right ?? {}) },
  lumbarRad: radOfDeg(given.lumbarBendDeg ?? LUMBAR_DEG.neutral),
  lumbarArchRad: -radOfDeg(given.lumbarArchDeg ?? LUMBAR_DEG.arch),
});

const better = (a: TwoJointLine | null, b: TwoJointLine | null): TwoJointLine | null =>
  a && b ? (a.rangeRad > b.rangeRad ? a : b) : null;

/** Limits with the better side's range on both sides. */
export function bestOfBoth({ sides, ...lumbar }: Limits): Limits {
  const { left: a, right: b } = sides;
  const most = (name: keyof SideLimits) => Math.max(a[name] as number, b[name] as number);
  const both: SideLimits = {
    ankleBend: most('ankleBend'),
    hipBend: most('hipBend'),
    kneeBend: most('kneeBend'),
    hipTurnIn: most('hipTurnIn'),
    hipTurnOut: most('hipTurnOut'),
    hipOpen: most('hipOpen'),
    hipAdduct: most('hipAdduct'),
    shinTiltIn: most('shinTiltIn'),
    shinTiltOut: most('shinTiltOut'),
    hipExtend: most('hipExtend'),
    toeBend: most('toeBend'),
    hamstrings: better(a.hamstrings, b.hamstrings),
    longCalf: better(a.longCalf, b.longCalf),
    frontThigh: better(a.frontThigh, b.frontThigh),
  };
  return { sides: { left: both, right: both }, ...lumbar };
}

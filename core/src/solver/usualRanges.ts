import { oneCheck, type RangeCheck } from '../knowledge/checks';
import type { Pattern } from '../knowledge/patterns';
import type { LimitsDeg, SideLimitsDeg } from './limits';

const normOf = (id: string): number => (oneCheck(id) as RangeCheck).norm.usual[0];

/** Usual ranges in degrees: from the table of checks, or means of healthy adults where no check is. */
export const USUAL_RANGES = {
  ankleBendDeg: normOf('ankle-bend-knee-bent'),
  hipBendDeg: normOf('hip-bend'),
  /** Heel to buttock, lying. */
  kneeBendDeg: 140,
  straightLegRaiseDeg: normOf('straight-leg-raise'),
  /** Thigh behind the trunk. */
  hipExtendDeg: 15,
  /** Big toe, under load. */
  toeBendDeg: 65,
} as const satisfies SideLimitsDeg;

export type UsualRange = keyof typeof USUAL_RANGES;

const JOINTS = ['ankleBendDeg', 'hipBendDeg', 'kneeBendDeg'] as const;
const STEP_RANGES = [...JOINTS, 'hipExtendDeg', 'toeBendDeg'] as const;

/** The ranges that a pattern asks for, and that are taken as usual where they were not measured. */
export const RANGES_OF_PATTERN: Readonly<Record<Pattern, readonly UsualRange[]>> = {
  squat: JOINTS,
  hinge: ['straightLegRaiseDeg', ...JOINTS],
  lunge: STEP_RANGES,
  split: STEP_RANGES,
};

/** Usual ranges of a pattern. */
export const usualRangesOf = (pattern: Pattern): SideLimitsDeg =>
  Object.fromEntries(RANGES_OF_PATTERN[pattern].map((name) => [name, USUAL_RANGES[name]]));

/** Every range of the pattern that was not measured taken as usual. */
export const orUsual = (limits: LimitsDeg, pattern: Pattern = 'squat'): LimitsDeg => ({
  left: { ...usualRangesOf(pattern), ...limits.left },
  right: { ...usualRangesOf(pattern), ...limits.right },
});

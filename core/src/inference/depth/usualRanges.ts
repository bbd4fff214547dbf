import { oneCheck, type RangeCheck } from '../../knowledge/checks';
import { rollOf } from '../../knowledge/roll';
import type { Pattern } from '../../body/stance/patterns';
import { LUMBAR_DEG, type LimitsDeg, type SideLimitsDeg } from '../../body/solver/limits';

/** How a range lies among people (mean and standard deviation) and how well it is measured. */
export interface RangeSpread {
  readonly usual: number;
  readonly sd: number;
  readonly sem: number;
}

function spreadOfCheck(id: string): RangeSpread {
  const { usual, sem } = (oneCheck(id) as RangeCheck).norm;
  return { usual: usual[0], sd: usual[1], sem };
}

/** Of the joint alone: without the roll of the pelvis, which adds its own spread to the error unless it was held. */
function spreadOfJoint(id: string): RangeSpread & { readonly heldSem: number } {
  const { usual, sd, sem } = spreadOfCheck(id);
  const [roll, rollSd] = rollOf(id) ?? [0, 0];
  return { usual: usual - roll, sd, sem: Math.hypot(sem, rollSd), heldSem: sem };
}

/** In degrees: from the table of checks, or of healthy adults where no check is. */
export const RANGE_SPREADS = {
  ankleBendDeg: spreadOfCheck('ankle-bend-knee-bent'),
  hipBendDeg: spreadOfJoint('hip-bend'),
  kneeBendDeg: spreadOfCheck('knee-bend'),
  straightLegRaiseDeg: spreadOfCheck('straight-leg-raise'),
  hipExtendDeg: spreadOfCheck('hip-extend'),
  /** Big toe, under load. */
  toeBendDeg: { usual: 65, sd: 10, sem: 3 },
} as const satisfies { readonly [Name in keyof SideLimitsDeg]?: RangeSpread };

export type UsualRange = keyof typeof RANGE_SPREADS;

/** Usual ranges in degrees. */
export const USUAL_RANGES = Object.fromEntries(
  Object.entries(RANGE_SPREADS).map(([name, { usual }]) => [name, usual]),
) as Readonly<Record<UsualRange, number>>;

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

/** Every range of the pattern that was not measured taken as usual; the low back stays near neutral. */
export const orUsual = (limits: LimitsDeg, pattern: Pattern = 'squat'): LimitsDeg => ({
  ...limits,
  left: { ...usualRangesOf(pattern), ...limits.left },
  right: { ...usualRangesOf(pattern), ...limits.right },
});

/** The same for a body that moves as it likes: its low back rounds as far as usual ones do. */
export const asItLikes = (limits: LimitsDeg, pattern: Pattern): LimitsDeg => ({
  lumbarBendDeg: LUMBAR_DEG.round,
  ...orUsual(limits, pattern),
});

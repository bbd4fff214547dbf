import type { CauseId } from './causes';
import type { CheckId, FeltWhere } from './checks';
import type { FaultId } from './faults';
import type { ProbeId } from './probes';

/** Noisy-OR strengths: the chance that a present cause alone brings the finding about. */
export const STRENGTHS = { S: 0.75, M: 0.45, W: 0.2, certain: 0.97 } as const;
export type Strength = keyof typeof STRENGTHS;

/** What can be found, written as `kind:what[:how]`. */
export type FindingId =
  | `fault:${FaultId}`
  | `probe:${ProbeId}:${'better' | 'same' | 'worse'}`
  | `range:${CheckId}`
  | `result:${CheckId}`
  | `felt:${CheckId}:${FeltWhere}`
  | `pinch:${CheckId}`
  | `brace-frees:${CheckId}`
  | `gap:${CheckId}`
  | `pain:${'pinch' | 'electric' | 'inner-knee'}`
  | 'proportion:thigh-to-shank'
  /** Deeper by the posture model, with the measured ranges, than was seen. */
  | 'posture:not-explained';

/**
 * Where the finding lies against the cause: on the same side, on the other one, or `any` when
 * one of the two has no side.
 */
export type SideRule = 'same' | 'other' | 'any';

export interface LinkRow {
  readonly cause: CauseId;
  readonly finding: FindingId;
  readonly side: SideRule;
  readonly strength: Strength;
}

const S = 'S';
const M = 'M';
const W = 'W';
const link = (
  cause: CauseId,
  finding: FindingId,
  strength: Strength,
  side: SideRule = 'same',
): LinkRow => ({ cause, finding, side, strength });

/** What an ankle that will not bend does, whichever tissue stops it. */
const ankleStops = (cause: CauseId): LinkRow[] => [
  link(cause, 'fault:shin-stays-upright', S),
  link(cause, 'fault:depth-short', M, 'any'),
  link(cause, 'fault:trunk-folds', M, 'any'),
  link(cause, 'fault:heel-lifts', M),
  link(cause, 'fault:foot-turns-out', M),
  link(cause, 'fault:arch-drops', M),
  link(cause, 'fault:knee-in', W),
  link(cause, 'fault:hips-slide', S, 'other'),
  link(cause, 'fault:pelvis-turns', M),
  link(cause, 'fault:trunk-side-bends', W, 'any'),
  link(cause, 'fault:weight-to-toes', W, 'any'),
  link(cause, 'fault:tips-back', W, 'any'),
  link(cause, 'probe:heels-up:better', S, 'any'),
  link(cause, 'probe:post:same', W, 'any'),
  link(cause, 'range:ankle-bend-knee-bent', S),
];

/** Cause → finding: what each cause tends to bring about. */
export const LINKS: readonly LinkRow[] = [
  link('balance-deep', 'posture:not-explained', S, 'any'),
  link('pattern-unlearned', 'posture:not-explained', S, 'any'),
  link('trunk-hold', 'posture:not-explained', W, 'any'),
  link('knee-guard', 'posture:not-explained', M, 'any'),
  ...ankleStops('ankle-joint'),
  link('ankle-joint', 'range:ankle-bend-knee-straight', S),
  link('ankle-joint', 'felt:ankle-bend-knee-bent:front', S),
  ...ankleStops('calf-deep'),
  link('calf-deep', 'range:ankle-bend-knee-straight', S),
  link('calf-deep', 'felt:ankle-bend-knee-bent:calf-deep', S),
  link('calf-long', 'range:ankle-bend-knee-straight', S),
  link('calf-long', 'felt:ankle-bend-knee-straight:belly', S),
  link('calf-long', 'fault:heel-lifts', W),
  ...ankleStops('fixed-ankle').map((row): LinkRow => ({
    ...row,
    strength: row.finding.startsWith('range:') ? 'certain' : row.strength,
  })),
  link('fixed-ankle', 'range:ankle-bend-knee-straight', 'certain'),
  ...ankleStops('prosthesis').filter((row) => row.finding.startsWith('fault:')),
  link('shin-turn-in', 'fault:foot-turns-out', S),
  link('shin-turn-in', 'fault:knee-in', W),
  link('shin-turn-in', 'pain:inner-knee', M),
  link('shin-turn-in', 'range:shin-turn-in', S),
  link('hip-bend', 'fault:pelvis-tucks', S, 'any'),
  link('hip-bend', 'fault:depth-short', M, 'any'),
  link('hip-bend', 'fault:trunk-folds', W, 'any'),
  link('hip-bend', 'fault:hips-slide', M, 'other'),
  link('hip-bend', 'fault:pelvis-turns', M),
  link('hip-bend', 'probe:wider:better', M, 'any'),
  link('hip-bend', 'probe:post:same', M, 'any'),
  link('hip-bend', 'range:hip-bend', S),
  link('hip-bend', 'pinch:hip-bend', S),
  link('hip-bend', 'pain:pinch', S),
  link('hip-bend', 'felt:hip-bend:closing-side', S),
  link('fixed-hip', 'fault:pelvis-tucks', S, 'any'),
  link('fixed-hip', 'fault:depth-short', S, 'any'),
  link('fixed-hip', 'fault:hips-slide', S, 'other'),
  link('fixed-hip', 'range:hip-bend', 'certain'),
  link('fixed-hip', 'range:hip-turn-in', 'certain'),
  link('fixed-knee', 'fault:depth-short', S, 'any'),
  link('fixed-knee', 'fault:hips-slide', S, 'other'),
  link('hip-turn-in', 'fault:foot-turns-out', W),
  link('hip-turn-in', 'fault:knee-out-finish', S),
  link('hip-turn-in', 'fault:pelvis-turns', M),
  link('hip-turn-in', 'probe:wider:better', M, 'any'),
  link('hip-turn-in', 'range:hip-turn-in', S),
  link('hip-turn-out', 'fault:knee-in', M),
  link('hip-turn-out', 'fault:depth-short', W, 'any'),
  link('hamstring-length', 'fault:pelvis-tucks', W, 'any'),
  link('hamstring-length', 'range:straight-leg-raise', S),
  link('hamstring-length', 'felt:straight-leg-raise:belly', S),
  link('nerve-back', 'range:straight-leg-raise', S),
  link('nerve-back', 'felt:straight-leg-raise:line', S),
  link('nerve-back', 'felt:straight-leg-raise:behind-knee', S),
  link('nerve-back', 'pain:electric', S),
  link('nerve-back', 'fault:pelvis-tucks', W, 'any'),
  link('trunk-hold', 'fault:back-arches', M, 'any'),
  link('trunk-hold', 'fault:trunk-folds', M, 'any'),
  link('trunk-hold', 'fault:hips-rise-first', M, 'any'),
  link('trunk-hold', 'fault:pelvis-tucks', W, 'any'),
  link('trunk-hold', 'fault:trunk-side-bends', W, 'any'),
  link('trunk-hold', 'fault:overhead-folds', W, 'any'),
  link('trunk-hold', 'fault:load-drifts', M, 'any'),
  link('trunk-hold', 'result:double-leg-lift', S, 'any'),
  link('trunk-hold', 'brace-frees:straight-leg-raise', S, 'any'),
  link('trunk-hold', 'brace-frees:hip-turn-in', S, 'any'),
  link('trunk-hold', 'brace-frees:double-leg-lift', M, 'any'),
  link('trunk-hold', 'probe:brace:better', S, 'any'),
  link('trunk-hold', 'probe:post:better', W, 'any'),
  link('trunk-hold', 'probe:held-ahead:better', W, 'any'),
  link('trunk-hold', 'gap:hip-bend', W, 'any'),
  link('breath', 'fault:back-arches', W, 'any'),
  link('breath', 'result:breath-low', S, 'any'),
  link('breath', 'probe:brace:better', M, 'any'),
  link('breath', 'brace-frees:straight-leg-raise', M, 'any'),
  link('balance-deep', 'fault:tips-back', S, 'any'),
  link('balance-deep', 'fault:depth-short', M, 'any'),
  link('balance-deep', 'fault:weight-to-toes', M, 'any'),
  link('balance-deep', 'fault:load-drifts', W, 'any'),
  link('balance-deep', 'probe:post:better', S, 'any'),
  link('balance-deep', 'probe:held-ahead:better', S, 'any'),
  link('pattern-unlearned', 'fault:knees-lead', M, 'any'),
  link('pattern-unlearned', 'fault:depth-short', W, 'any'),
  link('pattern-unlearned', 'fault:tips-back', W, 'any'),
  link('pattern-unlearned', 'fault:weight-to-toes', W, 'any'),
  link('pattern-unlearned', 'fault:load-drifts', W, 'any'),
  link('pattern-unlearned', 'probe:post:better', M, 'any'),
  link('foot-hold', 'fault:arch-drops', S),
  link('foot-hold', 'fault:knee-in', W),
  link('hip-side-control', 'fault:knee-in', M),
  link('hip-side-control', 'result:one-leg-stand-bend', S),
  link('hip-side-strength', 'fault:knee-in', M),
  link('hip-side-strength', 'fault:hips-slide', M, 'other'),
  link('hip-side-strength', 'fault:trunk-side-bends', W, 'any'),
  link('hip-side-strength', 'range:side-hip-hold', S),
  link('hip-back-strength', 'fault:hips-rise-first', M, 'any'),
  link('hip-back-strength', 'fault:knees-lead', S, 'any'),
  link('hip-back-strength', 'range:bridge-hold', S),
  link('hip-turn-in-strength', 'fault:knee-out-finish', M),
  link('quad-strength', 'fault:hips-rise-first', M, 'any'),
  link('quad-strength', 'fault:trunk-folds', W, 'any'),
  link('quad-strength', 'range:knee-extend-strength', S),
  link('knee-guard', 'fault:hips-slide', S, 'other'),
  link('knee-guard', 'fault:depth-short', W, 'any'),
  link('midback', 'fault:overhead-folds', S, 'any'),
  link('shoulder-raise', 'fault:overhead-folds', S, 'any'),
  link('long-thighs', 'fault:trunk-folds', S, 'any'),
  link('long-thighs', 'fault:depth-short', W, 'any'),
  link('long-thighs', 'probe:wider:better', S, 'any'),
  link('long-thighs', 'probe:heels-up:better', M, 'any'),
  link('long-thighs', 'probe:held-ahead:better', M, 'any'),
  link('long-thighs', 'proportion:thigh-to-shank', S, 'any'),
];

/** A finding that speaks against a cause: it multiplies the odds by a factor below one. */
export interface AgainstRow {
  readonly cause: CauseId;
  readonly finding: FindingId;
  readonly side: SideRule;
  readonly factor: number;
}

const against = (
  cause: CauseId,
  finding: FindingId,
  factor: number,
  side: SideRule = 'any',
): AgainstRow => ({ cause, finding, side, factor });

export const AGAINST: readonly AgainstRow[] = [
  against('ankle-joint', 'posture:not-explained', 0.5),
  against('calf-deep', 'posture:not-explained', 0.5),
  against('hip-bend', 'posture:not-explained', 0.5),
  against('hip-bend', 'probe:heels-up:better', 0.5),
  against('ankle-joint', 'probe:post:better', 0.2),
  against('calf-deep', 'probe:post:better', 0.2),
  against('hip-bend', 'probe:post:better', 0.2),
  against('hamstring-length', 'probe:brace:better', 0.35),
  against('hip-turn-in', 'probe:brace:better', 0.5),
  against('hamstring-length', 'brace-frees:straight-leg-raise', 0.3, 'same'),
  against('hip-turn-in', 'brace-frees:hip-turn-in', 0.3, 'same'),
  against('calf-deep', 'felt:ankle-bend-knee-bent:front', 0.25, 'same'),
  against('ankle-joint', 'felt:ankle-bend-knee-bent:calf-deep', 0.3, 'same'),
  against('ankle-joint', 'felt:ankle-bend-knee-bent:belly', 0.4, 'same'),
  against('nerve-back', 'felt:straight-leg-raise:belly', 0.4, 'same'),
  against('hamstring-length', 'felt:straight-leg-raise:line', 0.3, 'same'),
  against('hamstring-length', 'felt:straight-leg-raise:behind-knee', 0.5, 'same'),
];

/** Chance that a finding shows with none of its causes present. */
export const DEFAULT_LEAK = 0.05;
export const LEAKS: Partial<Record<FindingId, number>> = {
  'fault:depth-short': 0.08,
  'fault:trunk-folds': 0.08,
  'fault:knees-lead': 0.08,
  'range:ankle-bend-knee-bent': 0.03,
  'range:hip-bend': 0.03,
};

import type { CauseId } from './causes';
import type { CheckId, FeltWhere } from './checks';
import type { FaultId } from './faults';
import type { ProbeId } from './probes';

/**
 * Noisy-OR strengths: the chance that a present cause alone brings the finding about. `is`: the finding
 * measures the very thing that the cause is; `certain`: it cannot be otherwise.
 */
export const STRENGTHS = { S: 0.75, M: 0.45, W: 0.2, is: 0.92, certain: 0.97 } as const;
type Strength = keyof typeof STRENGTHS;

/** What a pain says, by place and kind. */
type PainSignId =
  | 'pinch-hip'
  | 'pinch-ankle'
  | 'nerve-back'
  | 'nerve-front'
  | 'inner-knee'
  /** With the hips sliding away from it. */
  | 'knee-guarded'
  | 'knee'
  | 'low-back'
  | 'achilles'
  | 'big-toe'
  | 'neck'
  | 'wrist';

/** What can be found, written as `kind:what[:how]`. */
export type FindingId =
  | `fault:${FaultId}`
  | `probe:${ProbeId}:${'better' | 'same' | 'worse'}`
  | `range:${CheckId}`
  | `result:${CheckId}`
  | `result:${CheckId}:${string}`
  | `felt:${CheckId}:${FeltWhere}`
  | `pinch:${CheckId}`
  | `brace-frees:${CheckId}`
  | `gap:${CheckId}`
  | `pain:${PainSignId}`
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
  link(cause, 'fault:pelvis-tucks', M, 'any'),
  link(cause, 'probe:heels-up:better', S, 'any'),
  link(cause, 'probe:post:same', W, 'any'),
  link(cause, 'range:ankle-bend-knee-bent', 'is'),
];

/** Cause → finding: what each cause tends to bring about. */
export const LINKS: readonly LinkRow[] = [
  link('balance-deep', 'posture:not-explained', S, 'any'),
  link('pattern-unlearned', 'posture:not-explained', S, 'any'),
  link('trunk-hold', 'posture:not-explained', W, 'any'),
  link('knee-guard', 'posture:not-explained', M, 'any'),
  ...ankleStops('ankle-joint'),
  link('ankle-joint', 'range:ankle-bend-knee-straight', 'is'),
  link('ankle-joint', 'felt:ankle-bend-knee-bent:front', S),
  ...ankleStops('calf-deep'),
  link('calf-deep', 'range:ankle-bend-knee-straight', 'is'),
  link('calf-deep', 'felt:ankle-bend-knee-bent:calf-deep', S),
  link('calf-long', 'range:ankle-bend-knee-straight', 'is'),
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
  link('shin-turn-in', 'range:shin-turn-in', 'is'),
  link('hip-bend', 'fault:pelvis-tucks', S, 'any'),
  link('hip-bend', 'fault:depth-short', M, 'any'),
  link('hip-bend', 'fault:trunk-folds', W, 'any'),
  link('hip-bend', 'fault:hips-slide', M, 'other'),
  link('hip-bend', 'fault:pelvis-turns', M),
  link('hip-bend', 'probe:wider:better', M, 'any'),
  link('hip-bend', 'probe:post:same', M, 'any'),
  link('hip-bend', 'range:hip-bend', 'is'),
  link('hip-bend', 'pinch:hip-bend', S),
  link('hip-bend', 'pain:pinch-hip', S),
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
  link('hip-turn-in', 'range:hip-turn-in', 'is'),
  link('hip-turn-out', 'fault:knee-in', M),
  link('hip-turn-out', 'fault:depth-short', W, 'any'),
  link('hamstring-length', 'fault:pelvis-tucks', W, 'any'),
  link('hamstring-length', 'range:straight-leg-raise', 'is'),
  link('hamstring-length', 'felt:straight-leg-raise:belly', S),
  link('nerve-back', 'range:straight-leg-raise', 'is'),
  link('nerve-back', 'felt:straight-leg-raise:line', S),
  link('nerve-back', 'felt:straight-leg-raise:behind-knee', S),
  link('nerve-back', 'pain:nerve-back', S),
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
  link('hip-side-strength', 'range:side-hip-hold', 'is'),
  link('hip-back-strength', 'fault:hips-rise-first', M, 'any'),
  link('hip-back-strength', 'fault:knees-lead', S, 'any'),
  link('hip-back-strength', 'range:bridge-hold', 'is'),
  link('hip-turn-in-strength', 'fault:knee-out-finish', M),
  link('quad-strength', 'fault:hips-rise-first', M, 'any'),
  link('quad-strength', 'fault:trunk-folds', W, 'any'),
  link('quad-strength', 'fault:hips-slide', M, 'other'),
  link('quad-strength', 'range:knee-extend-strength', 'is'),
  link('knee-guard', 'fault:hips-slide', S, 'other'),
  link('knee-guard', 'fault:shin-stays-upright', M),
  link('knee-guard', 'fault:depth-short', W, 'any'),
  link('midback', 'fault:overhead-folds', S, 'any'),
  link('shoulder-raise', 'fault:overhead-folds', S, 'any'),
  link('long-thighs', 'fault:trunk-folds', S, 'any'),
  link('long-thighs', 'fault:depth-short', W, 'any'),
  link('long-thighs', 'fault:pelvis-tucks', W, 'any'),
  link('long-thighs', 'probe:wider:better', S, 'any'),
  link('long-thighs', 'probe:heels-up:better', M, 'any'),
  link('long-thighs', 'probe:held-ahead:better', M, 'any'),
  link('long-thighs', 'proportion:thigh-to-shank', S, 'any'),
  link('ankle-joint', 'result:ankle-front-block:front', S),
  link('calf-deep', 'result:ankle-front-block:back', S),
  link('shin-turn-in', 'probe:toes-straight:worse', M, 'any'),
  link('shin-turn-in', 'probe:toes-out:better', M, 'any'),
  link('shin-turn-out', 'range:shin-turn-out', 'is'),
  link('shin-turn-out', 'fault:knee-in', W),
  link('shin-turn-out', 'pain:inner-knee', W),
  link('knee-bend', 'range:knee-bend', 'is'),
  link('knee-bend', 'fault:thigh-off-calf', S),
  link('knee-bend', 'fault:depth-short', W, 'any'),
  link('knee-bend', 'fault:hips-slide', W, 'other'),
  link('fixed-knee', 'range:knee-bend', 'certain'),
  link('fixed-knee', 'fault:thigh-off-calf', S),
  link('quad-length', 'range:knee-bend', W),
  link('quad-length', 'felt:knee-bend:front', S),
  link('quad-length', 'fault:rear-hip-stops', M),
  link('quad-length', 'fault:back-arches', W, 'any'),
  link('quad-length', 'felt:hip-extend:front', M),
  link('hip-bend', 'probe:toes-out:better', M, 'any'),
  link('hip-turn-in', 'probe:toes-straight:worse', M, 'any'),
  link('hip-turn-in', 'probe:toes-out:better', M, 'any'),
  link('hip-turn-in', 'result:kneecap-line:outward', M),
  link('hip-turn-in', 'range:floor-sit-turn', M),
  link('hip-turn-in', 'pinch:hip-turn-in', W),
  link('hip-turn-out', 'range:hip-turn-out', 'is'),
  link('hip-turn-out', 'range:floor-sit-turn', M),
  link('hip-turn-out', 'result:kneecap-line:inward', W),
  link('hip-extend', 'range:hip-extend', 'is'),
  link('hip-extend', 'fault:rear-hip-stops', S),
  link('hip-extend', 'fault:rear-leg-bends', M),
  link('hip-extend', 'fault:back-arches', M, 'any'),
  link('hip-extend', 'felt:hip-extend:front', M),
  link('fixed-hip', 'range:hip-extend', 'certain'),
  link('fixed-hip', 'range:hip-turn-out', 'certain'),
  link('fixed-hip', 'fault:rear-hip-stops', S),
  link('adductor-length', 'range:floor-sit-turn', M),
  link('adductor-length', 'felt:floor-sit-turn:belly', S),
  link('adductor-length', 'probe:wider:worse', S, 'any'),
  link('adductor-length', 'fault:knee-in', M),
  link('adductor-length', 'fault:depth-short', W, 'any'),
  link('hamstring-length', 'fault:range-stops-early', S, 'any'),
  link('hamstring-length', 'fault:back-rounds', M, 'any'),
  link('hamstring-length', 'fault:bends-knees-instead', W, 'any'),
  link('hamstring-length', 'range:knee-straighten-90', 'is'),
  link('hamstring-length', 'felt:knee-straighten-90:belly', S),
  link('fascia-back', 'range:straight-leg-raise', M),
  link('fascia-back', 'range:knee-straighten-90', W),
  link('fascia-back', 'fault:range-stops-early', W, 'any'),
  link('fascia-back', 'felt:straight-leg-raise:behind-knee', W),
  link('nerve-back', 'fault:range-stops-early', M, 'any'),
  link('nerve-back', 'range:knee-straighten-90', 'is'),
  link('nerve-back', 'felt:knee-straighten-90:line', S),
  link('nerve-back', 'felt:knee-straighten-90:behind-knee', M),
  link('nerve-back', 'result:nerve-slump', S),
  link('nerve-back', 'fault:back-rounds', W, 'any'),
  link('nerve-front', 'range:knee-bend', W),
  link('nerve-front', 'felt:knee-bend:line', S),
  link('nerve-front', 'range:hip-extend', W),
  link('nerve-front', 'felt:hip-extend:line', S),
  link('nerve-front', 'pain:nerve-front', S),
  link('nerve-front', 'fault:rear-hip-stops', W),
  link('trunk-hold', 'fault:back-rounds', M, 'any'),
  link('trunk-hold', 'fault:range-stops-early', M, 'any'),
  link('trunk-hold', 'fault:pelvis-drops', W, 'any'),
  link('trunk-hold', 'probe:slower:better', W, 'any'),
  link('trunk-hold', 'probe:arms-up:worse', W, 'any'),
  link('trunk-hold', 'felt:bridge-hold:back', M, 'any'),
  link('breath', 'fault:range-stops-early', W, 'any'),
  link('balance-deep', 'probe:slower:better', W, 'any'),
  link('balance-deep', 'probe:arms-ahead:better', M, 'any'),
  link('balance-deep', 'fault:knee-wobbles', W, 'any'),
  link('pattern-unlearned', 'fault:bends-knees-instead', S, 'any'),
  link('pattern-unlearned', 'fault:back-rounds', W, 'any'),
  link('pattern-unlearned', 'fault:range-stops-early', W, 'any'),
  link('pattern-unlearned', 'probe:target:better', S, 'any'),
  link('pattern-unlearned', 'probe:knees-out-cue:better', M, 'any'),
  link('pattern-unlearned', 'probe:hips-back-cue:better', S, 'any'),
  link('pattern-unlearned', 'probe:arms-ahead:better', W, 'any'),
  link('pattern-unlearned', 'probe:slower:better', W, 'any'),
  link('foot-hold', 'fault:knee-wobbles', W),
  link('hip-side-control', 'fault:knee-wobbles', S),
  link('hip-side-control', 'fault:pelvis-drops', M),
  link('hip-side-control', 'probe:knees-out-cue:better', S, 'any'),
  link('hip-side-control', 'probe:slower:better', M, 'any'),
  link('hip-side-strength', 'fault:pelvis-drops', S),
  link('hip-side-strength', 'fault:knee-wobbles', W),
  link('hip-back-strength', 'fault:bends-knees-instead', M, 'any'),
  link('hip-back-strength', 'felt:bridge-hold:hamstring', M),
  link('hip-back-strength', 'probe:unloaded:better', M, 'any'),
  link('hip-turn-in-strength', 'range:adductor-lift', 'is'),
  link('hip-turn-in-strength', 'result:kneecap-line:outward', M),
  link('quad-strength', 'probe:unloaded:better', M, 'any'),
  link('quad-strength', 'fault:knee-wobbles', W),
  link('hamstring-strength', 'range:bridge-hold', M),
  link('hamstring-strength', 'fault:hips-rise-first', W, 'any'),
  link('hamstring-strength', 'fault:bends-knees-instead', W, 'any'),
  link('calf-strength', 'range:heel-raises', 'is'),
  link('calf-strength', 'fault:heel-lifts', W),
  link('calf-strength', 'fault:knee-wobbles', W),
  link('calf-long', 'fault:rear-leg-bends', W),
  link('knee-guard', 'probe:unloaded:better', M, 'any'),
  link('knee-guard', 'probe:shorter:better', M, 'any'),
  link('knee-guard', 'fault:thigh-off-calf', M),
  link('midback', 'range:midback-turn', 'is', 'any'),
  link('midback', 'probe:arms-up:worse', M, 'any'),
  link('shoulder-raise', 'range:shoulder-raise', 'is'),
  link('shoulder-raise', 'probe:arms-up:worse', M, 'any'),
  link('long-thighs', 'probe:toes-out:better', M, 'any'),
  link('ankle-joint', 'pain:pinch-ankle', S),
  link('hip-turn-in', 'pain:inner-knee', M),
  link('hip-turn-out', 'pain:inner-knee', M),
  link('hip-turn-in', 'felt:floor-sit-turn:inner-knee', M),
  link('hip-turn-out', 'felt:floor-sit-turn:inner-knee', M),
  link('knee-guard', 'pain:knee-guarded', S),
  link('knee-guard', 'pain:knee', M),
  link('knee-guard', 'pain:inner-knee', W),
  link('quad-strength', 'pain:knee', W),
  link('trunk-hold', 'pain:low-back', M, 'any'),
  link('calf-strength', 'pain:achilles', M),
  link('calf-deep', 'pain:achilles', W),
  link('big-toe', 'range:big-toe-bend', 'is'),
  link('big-toe', 'pain:big-toe', S),
  link('big-toe', 'fault:weight-to-outer-foot', M),
  link('big-toe', 'fault:heel-shifts-in', W),
  link('foot-rigid', 'fault:weight-to-outer-foot', S),
  link('foot-rigid', 'fault:heel-shifts-out', M),
  link('foot-hold', 'fault:heel-shifts-out', W),
  link('foot-hold', 'probe:foot-tripod:better', S, 'any'),
  link('foot-hold', 'range:one-leg-balance', M),
  link('hip-side-control', 'range:one-leg-balance', M),
  link('hip-side-control', 'probe:band-out:better', S, 'any'),
  link('hip-side-strength', 'probe:band-out:better', M, 'any'),
  link('shin-turn-in', 'fault:heel-shifts-in', M),
  link('ankle-joint', 'fault:heel-shifts-in', M),
  link('shin-turn-out', 'fault:heel-shifts-out', M),
  link('hip-turn-out', 'fault:heel-shifts-out', W),
  link('ankle-joint', 'probe:one-heel-up:better', S),
  link('calf-deep', 'probe:one-heel-up:better', S),
  link('leg-length', 'probe:one-heel-up:better', M),
  link('neck', 'fault:neck-drops', S, 'any'),
  link('neck', 'pain:neck', S, 'any'),
  link('midback', 'fault:neck-drops', M, 'any'),
  link('wrist-grip', 'pain:wrist', S),
  link('load-fear', 'result:load-compare:better', S, 'any'),
  link('load-fear', 'probe:unloaded:better', S, 'any'),
  link('fatigue', 'fault:speed-lost', S, 'any'),
  link('fatigue', 'result:load-compare:better', M, 'any'),
  link('quad-strength', 'fault:speed-lost', M, 'any'),
  link('balance-deep', 'result:load-compare:worse', M, 'any'),
  link('adductor-length', 'range:adductor-length', 'is'),
  link('adductor-length', 'felt:adductor-length:belly', S),
  link('knee-bend', 'range:quad-length-hip-bent', 'is'),
  link('quad-length', 'range:quad-length-hip-bent', W),
  link('nerve-front', 'result:nerve-front-head', S),
  link('leg-length', 'fault:hips-slide', M, 'any'),
  link('leg-length', 'fault:trunk-side-bends', M, 'any'),
  link('leg-length', 'fault:pelvis-drops', W, 'any'),
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
  against('ankle-joint', 'probe:slower:better', 0.7),
  against('calf-deep', 'probe:slower:better', 0.7),
  against('hip-bend', 'probe:slower:better', 0.7),
  against('hamstring-length', 'probe:slower:better', 0.7),
  against('knee-bend', 'probe:post:better', 0.3),
  against('calf-deep', 'result:ankle-front-block:front', 0.25, 'same'),
  against('ankle-joint', 'result:ankle-front-block:back', 0.3, 'same'),
  against('hamstring-length', 'felt:knee-straighten-90:line', 0.3, 'same'),
  against('nerve-back', 'felt:knee-straighten-90:belly', 0.4, 'same'),
  against('fascia-back', 'felt:straight-leg-raise:belly', 0.5, 'same'),
  against('hamstring-length', 'result:nerve-slump', 0.5, 'same'),
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
  against('calf-deep', 'pain:pinch-ankle', 0.4, 'same'),
  against('foot-rigid', 'probe:foot-tripod:better', 0.5),
  against('quad-length', 'result:nerve-front-head', 0.5, 'same'),
  // What is spared because it hurts explains the slide that a stiff ankle would.
  against('ankle-joint', 'pain:knee-guarded', 0.6, 'same'),
  against('calf-deep', 'pain:knee-guarded', 0.6, 'same'),
  against('calf-deep', 'felt:ankle-bend-knee-bent:front', 0.25, 'same'),
  against('ankle-joint', 'felt:ankle-bend-knee-bent:calf-deep', 0.3, 'same'),
  against('ankle-joint', 'felt:ankle-bend-knee-bent:belly', 0.4, 'same'),
  against('nerve-back', 'felt:straight-leg-raise:belly', 0.4, 'same'),
  against('hamstring-length', 'felt:straight-leg-raise:line', 0.3, 'same'),
  against('hamstring-length', 'felt:straight-leg-raise:behind-knee', 0.5, 'same'),
];

/**
 * Chance that a finding shows with none of its causes present. A joint that measures short is short: how
 * it errs is in the curves of its norm.
 */
export const DEFAULT_LEAK = 0.05;
export const LEAKS: Partial<Record<FindingId, number>> = {
  'fault:depth-short': 0.08,
  'fault:trunk-folds': 0.08,
  'fault:knees-lead': 0.08,
  // A knee, a back and a tendon ache for many reasons that are none of ours.
  'pain:knee': 0.2,
  'pain:low-back': 0.25,
  'pain:achilles': 0.2,
  'pain:neck': 0.2,
  ...Object.fromEntries(
    LINKS.filter(({ strength }) => strength === 'is').map(({ finding }) => [finding, 0.01]),
  ),
};

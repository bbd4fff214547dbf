import type { LegStrength } from '../body/solver/capacities';
import { UNMEASURED_DEG } from '../body/solver/limits';
import type { CauseId } from './causes';

/**
 * What a cause leaves of a body, so that its faults follow by themselves. Short ranges that a check measures
 * as the body model has them are not here: such a cause takes from one what the norms of its check say.
 */
export type EmbodiedRow = { readonly cause: CauseId } & (
  | {
      /** Weaker by so much, or held so much less firmly. */
      readonly weakens: LegStrength | 'back';
      readonly percent: number;
    }
  | {
      /** A range that no check measures so: how much less of what is usual. */
      readonly takes: 'hipOpenDeg' | 'toeBendDeg';
      readonly usualDeg: number;
      readonly deg: number;
    }
  | {
      /** Thighs longer than usual by so much, on shins that are shorter by five sevenths of it. */
      readonly lengthens: 'thighs';
      readonly percent: number;
    }
  | {
      /** Stops so much above where it could go, for want of trust or habit. */
      readonly stopsShort: true;
      readonly deg: number;
    }
);

const weakens = (cause: CauseId, what: LegStrength | 'back', percent: number): EmbodiedRow => ({
  cause,
  weakens: what,
  percent,
});
const stopsShort = (cause: CauseId, deg: number): EmbodiedRow => ({ cause, stopsShort: true, deg });

/** Plainly there, each: half the strength, a knee that nobody minds, a squat that ends halfway. Ours. */
export const EMBODIED: readonly EmbodiedRow[] = [
  weakens('quad-strength', 'knee', 50),
  weakens('hip-back-strength', 'hip', 50),
  // What is weak there neither holds the thigh open nor the knee on its line.
  weakens('hip-side-strength', 'hipSide', 60),
  weakens('hip-side-strength', 'kneeLine', 75),
  weakens('calf-strength', 'ankle', 50),
  weakens('hip-side-control', 'kneeLine', 85),
  weakens('trunk-hold', 'back', 60),
  // One leg is spared as if it were weak.
  weakens('knee-guard', 'knee', 70),
  { cause: 'adductor-length', takes: 'hipOpenDeg', usualDeg: UNMEASURED_DEG.hipOpen, deg: 20 },
  { cause: 'big-toe', takes: 'toeBendDeg', usualDeg: 65, deg: 25 },
  { cause: 'long-thighs', lengthens: 'thighs', percent: 7 },
  stopsShort('balance-deep', 16),
  stopsShort('pattern-unlearned', 16),
  stopsShort('load-fear', 16),
];

/** By how much shins are shorter where thighs are longer by one. */
export const SHINS_TO_THIGHS = 5 / 7;

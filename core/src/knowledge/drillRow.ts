import type { ApproachId } from './approaches';
import type { BreathId } from './breaths';
import type { CauseId } from './causes';
import type { DrillLoad } from './drillLoad';
import type { FlagId } from './flags';
import type { Kit } from './kit';
import type { Pose } from '../body/skeleton/pose';
import type { Pattern } from '../body/stance/patterns';

export const FAMILIES = [
  'reset',
  'joint',
  'nerve',
  'tissue',
  'hold',
  'active',
  'wake',
  'strengthen',
  'pattern',
  'ladder',
  'fit',
] as const;
export type Family = (typeof FAMILIES)[number];

/** How the body is placed; what a coach looks for when there is no floor to lie on. */
export const POSITIONS = ['standing', 'kneeling', 'sitting', 'lying'] as const;
export type Position = (typeof POSITIONS)[number];

/** Expected drop in the odds that the cause still matters; words in, one table of numbers out. */
export type EffectSize = 'small' | 'medium' | 'large';

export type Dose =
  | {
      readonly by: 'reps';
      readonly reps: number;
      readonly sets: number;
      readonly secondsEach: number;
    }
  | { readonly by: 'hold'; readonly seconds: number; readonly sets: number }
  | { readonly by: 'breaths'; readonly breaths: number; readonly sets: number };

/** What a drill is for. */
export interface Target {
  readonly cause: CauseId;
  readonly effect: EffectSize;
  /** Of a drill on staggered feet: the leg behind, which is not the side of the drill; without it, the one in front. */
  readonly leg?: 'rear';
}

export interface DrillRow {
  readonly id: string;
  readonly name: string;
  readonly family: Family;
  /** Patterns it practises or fits; a drill for a part of the body serves them all. */
  readonly patterns?: readonly Pattern[];
  readonly targets: readonly Target[];
  /** The drill that this one is another way of doing: never both in one session. */
  readonly variantOf?: string;
  /** Done on each side, or on the side of the cause only; `false` for the whole body. */
  readonly oneSided: boolean;
  readonly dose: Dose;
  readonly kit: readonly Kit[];
  readonly position: Position;
  readonly breath: BreathId;
  /** Schools that would choose it before another that does the same. */
  readonly schools: readonly ApproachId[];
  readonly how: string;
  readonly feel: string;
  readonly stopIf: string;
  readonly easier: string;
  readonly harder: string;
  /** Of a coach's own drill: flags that its maker named, beside what `FLAG_RULES` say of what it does. */
  readonly excludedBy?: readonly FlagId[];
  /** Of a drill on a rung of its ladder; of others `loadOf` knows it. */
  readonly load?: DrillLoad;
  /** Of a coach's own drill; those that ship have theirs in `DRILL_POSES`. */
  readonly poses?: readonly [start: Pose, end: Pose];
}

export const reps = (count: number, sets: number, secondsEach = 4): Dose => ({
  by: 'reps',
  reps: count,
  sets,
  secondsEach,
});
export const hold = (seconds: number, sets: number): Dose => ({ by: 'hold', seconds, sets });
export const breaths = (count: number, sets: number): Dose => ({
  by: 'breaths',
  breaths: count,
  sets,
});

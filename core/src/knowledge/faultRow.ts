import type { Pattern, Phase, View, Zone } from '../body/stance/patterns';
import type { Setup } from '../body/stance/setup';

/**
 * How a fault lies on the body: `limb` belongs to one side, `toward` is a direction the whole
 * body takes (to its left or right), `none` has no side.
 */
type FaultSidedness = 'limb' | 'toward' | 'none';

export const FAULT_UNITS = ['deg', 'mm', '%'] as const;
export type FaultUnit = (typeof FAULT_UNITS)[number];

export interface FaultRow {
  readonly id: string;
  readonly patterns: readonly Pattern[];
  readonly phases: readonly Phase[];
  readonly views: readonly View[];
  readonly zone: Zone;
  readonly sided: FaultSidedness;
  /** Unit of the optional number; `null` when only a grade is taken. */
  readonly unit: FaultUnit | null;
  /** Standard error of measurement by a practised eye, in `unit`. Our default, editable later. */
  readonly eyeSem: number;
  /** Smallest number that can be meant, where that is below none. */
  readonly least?: number;
  /** Largest number that can be meant, in `unit`. */
  readonly most: number;
  /** Two or three words between the buttons "left" and "right". */
  readonly short: string;
  /** A sentence; `{side}` stands for left or right, `{Side}` for the same with a capital. */
  readonly sentence: string;
  /** What to look at, for a coach who has not met the word. */
  readonly cue: string;
  /** Set-up without which the fault cannot be seen. */
  readonly needs?: 'load' | 'overhead';
  /** Patterns in which it can be seen as well, done on one leg. */
  readonly onOneLeg?: readonly Pattern[];
}

export const DOWN_BOTTOM: readonly Phase[] = ['down', 'bottom'];
export const DOWN_BOTTOM_UP: readonly Phase[] = ['down', 'bottom', 'up'];
export const FRONTAL: readonly View[] = ['back', 'front'];

/** Whether a fault can be seen in this pattern under this set-up. */
export const canBeSeen = (
  { patterns, onOneLeg, needs }: FaultRow,
  pattern: Pattern,
  { oneLeg, load, arms }: Pick<Setup, 'oneLeg' | 'load' | 'arms'>,
): boolean =>
  (patterns.includes(pattern) || (oneLeg !== undefined && (onOneLeg ?? []).includes(pattern))) &&
  (needs !== 'load' || load.at !== 'none') &&
  (needs !== 'overhead' || arms === 'overhead');

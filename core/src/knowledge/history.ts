import type { CauseId } from './causes';
import type { Region } from './regions';

export const HISTORY_KINDS = [
  'sprain',
  'operation',
  'ligament',
  'arthritis',
  'pain',
  'one-sided-habit',
  'sitting',
] as const;
export type HistoryKind = (typeof HISTORY_KINDS)[number];

/** An old event multiplies the odds of a cause on its side. */
export interface HistoryRow {
  readonly what: HistoryKind;
  /** Regions the row speaks of; `null` for any. */
  readonly regions: readonly Region[] | null;
  readonly cause: CauseId;
  readonly odds: number;
  /** A habit that loads one side stiffens the less used one. */
  readonly side: 'same' | 'other';
}

const ANKLE: readonly Region[] = ['ankle', 'foot', 'heel'];
const KNEE: readonly Region[] = ['knee', 'inner-knee', 'kneecap'];
const BACK_OR_HIP: readonly Region[] = ['back', 'low-back', 'buttock', 'hip', 'groin'];

export const HISTORY_EFFECTS: readonly HistoryRow[] = [
  { what: 'sprain', regions: ANKLE, cause: 'ankle-joint', odds: 3, side: 'same' },
  { what: 'ligament', regions: KNEE, cause: 'knee-guard', odds: 4, side: 'same' },
  { what: 'ligament', regions: KNEE, cause: 'quad-strength', odds: 2, side: 'same' },
  { what: 'operation', regions: KNEE, cause: 'knee-guard', odds: 4, side: 'same' },
  { what: 'operation', regions: KNEE, cause: 'quad-strength', odds: 2, side: 'same' },
  { what: 'pain', regions: BACK_OR_HIP, cause: 'hip-bend', odds: 2, side: 'same' },
  { what: 'pain', regions: BACK_OR_HIP, cause: 'hip-side-strength', odds: 2, side: 'same' },
  { what: 'one-sided-habit', regions: null, cause: 'hip-turn-in', odds: 1.5, side: 'other' },
  { what: 'one-sided-habit', regions: null, cause: 'hip-turn-out', odds: 1.5, side: 'other' },
  { what: 'sitting', regions: null, cause: 'hip-turn-in', odds: 1.5, side: 'same' },
  { what: 'sitting', regions: null, cause: 'hip-extend', odds: 1.5, side: 'same' },
];

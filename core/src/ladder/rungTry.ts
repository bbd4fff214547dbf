import type { CriterionId } from './criteria';

/** A rung as it was tried in one drill of a session. */
export interface RungTry {
  rung: string;
  /** In each hand where it is carried, in all where it is held; null without a weight. */
  kg: number | null;
  /** Criteria that were met; null until the coach has judged it. */
  met: CriterionId[] | null;
}

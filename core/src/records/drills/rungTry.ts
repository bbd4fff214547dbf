import type { CriterionId } from '../../knowledge/ladders/criteria';
import type { Rung } from '../../knowledge/ladders/ladder';
import { weightOfRung } from '../../knowledge/ladders/weightOfRung';
import type { Weights } from '../../knowledge/ladders/weights';

/** A rung as it was tried in one drill of a session. */
export interface RungTry {
  rung: string;
  /** In each hand where it is carried, in all where it is held; null without a weight. */
  kg: number | null;
  /** Criteria that were met; null until the coach has judged it. */
  met: CriterionId[] | null;
}

/** A rung as it is written into a session, with the weight that there is for this body. */
export function tryOf({ id, weight }: Rung, massKg: number, there: Weights): RungTry {
  const kg = weight && weightOfRung(weight, massKg, there);
  return { rung: id, kg: kg?.status === 'found' ? kg.kg : null, met: null };
}

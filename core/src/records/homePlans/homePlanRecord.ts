import type { HomePlan } from './homePlan';
import type { Instant } from '../../foundation/time/instant';

/** A plan for home, made from one visit. A client may have had many; the newest that is not ended holds. */
export interface HomePlanRecord extends HomePlan {
  id: string;
  clientId: string;
  visitId: string;
  madeOn: Instant;
  endedOn: Instant | null;
}

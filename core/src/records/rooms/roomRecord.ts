import type { Weights } from '../../knowledge/ladders/weights';

/** What there is to load with. A practice has one; it has the practice's own id. */
export interface RoomRecord {
  id: string;
  weights: Weights;
}

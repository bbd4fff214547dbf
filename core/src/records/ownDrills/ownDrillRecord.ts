import type { OwnDrill } from '../../knowledge/ownDrill';

/** A coach's own drill. Deleted ones are marked and stay: old sessions hold what they were. */
export interface OwnDrillRecord extends OwnDrill {
  removed: boolean;
}

import type { NotYetId } from '../knowledge/notYet';
import type { Clearance } from '../visit/records';
import type { Place } from './loadWhere';
import { newestWords } from './newestWords';

/** What a clinician left out of a clearance: of one place, or of the whole body. */
export interface NotYetAllowed {
  readonly by: string;
  readonly not: readonly NotYetId[];
  readonly place: Place | null;
}

/** What the newest words of clinicians left out; it holds until there is a newer one. */
export const notYetBy = (clearances: readonly Clearance[]): readonly NotYetAllowed[] =>
  newestWords(clearances).flatMap(({ by, without }) => {
    if (!without) return [];
    const { not, region, side = null } = without;
    return [{ by, not, place: region ? { region, side } : null }];
  });

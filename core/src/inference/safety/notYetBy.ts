import type { NotYetAllowed } from '../../records/case/notYetAllowed';
import type { Clearance } from '../../records/clients/clientRecord';
import { newestWords } from './newestWords';

/** What the newest words of clinicians left out; it holds until there is a newer one. */
export const notYetBy = (clearances: readonly Clearance[]): readonly NotYetAllowed[] =>
  newestWords(clearances).flatMap(({ by, without }) => {
    if (!without) return [];
    const { not, region, side = null } = without;
    return [{ by, not, place: region ? { region, side } : null }];
  });

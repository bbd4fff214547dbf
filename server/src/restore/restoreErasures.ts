import type { EntityManager } from 'typeorm';
import { Erasure } from '../database/entities/Erasure';
import { eraseClient } from '../leave/eraseClient';
import type { ErasureInArchive } from '../leave/practiceEntries';

/**
 * Keeps what an archive knows of erasures: a database that was put back from a copy has those people again, and does
 * not know. Whoever is here is erased again.
 *
 * @returns how many were here
 */
export async function restoreErasures(
  manager: EntityManager,
  erasures: readonly ErasureInArchive[],
  { practiceId, coachId }: { practiceId: string; coachId: string },
): Promise<number> {
  let again = 0;
  for (const { clientId, erasedOn, counts } of erasures) {
    if (await manager.existsBy(Erasure, { clientId })) continue;
    if (await eraseClient(manager, { practiceId, clientId, coachId, on: erasedOn })) again += 1;
    else
      await manager.insert(Erasure, {
        id: crypto.randomUUID(),
        practiceId,
        clientId,
        erasedBy: coachId,
        erasedOn,
        counts,
      });
  }
  return again;
}

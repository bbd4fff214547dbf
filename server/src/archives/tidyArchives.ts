import { LessThan, type EntityManager } from 'typeorm';
import { Archive } from '../database/entities/Archive';

const KEPT_MS = 3_600_000;

/** Lets go of archives that nobody fetched. */
export async function tidyArchives(manager: EntityManager, now: Date): Promise<void> {
  const before = new Date(now.getTime() - KEPT_MS).toISOString();
  await manager.delete(Archive, { askedOn: LessThan(before) });
}

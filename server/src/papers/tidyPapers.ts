import { LessThan, type EntityManager } from 'typeorm';
import { Paper } from '../database/entities/Paper';

/** A paper is fetched as soon as it is made; the next one is as quickly made again. */
const KEPT_MS = 3_600_000;

/** Lets go of papers that nobody waits for any more. */
export async function tidyPapers(manager: EntityManager, now: Date): Promise<void> {
  const before = new Date(now.getTime() - KEPT_MS).toISOString();
  await manager.delete(Paper, { madeOn: LessThan(before) });
}

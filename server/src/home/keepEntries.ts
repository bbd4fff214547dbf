import type { HomeEntry } from '@taxikine/core';
import { In, type EntityManager } from 'typeorm';
import type { LinkHolder } from '../auth/links';
import { needReplicated } from '../database/commitSafely';
import { HomeEntryRow } from '../database/entities/HomeEntryRow';
import { HomePlanRow } from '../database/entities/HomePlanRow';
import { invalid } from '../ground/errors';

/** What became of what a client sent. */
export interface KeptEntries {
  /** Ids of all that were sent: those that were there already too. */
  readonly kept: readonly string[];
  /** A plan that was changed or ended since the client saw it: its word is kept all the same. */
  readonly planChanged: boolean;
}

/** An id that somebody else's entry has is no word of this client's, and is not said to be kept. */
async function checkKept(
  manager: EntityManager,
  clientId: string,
  entries: readonly HomeEntry[],
): Promise<void> {
  const wanted = { clientId, id: In(entries.map(({ id }) => id)) };
  const rows = await manager.find(HomeEntryRow, { where: wanted, select: { id: true } });
  const own = new Set(rows.map(({ id }) => id));
  const taken = entries.findIndex(({ id }) => !own.has(id));
  if (taken >= 0)
    throw invalid('This id is taken.', `entries.${taken}.id`, 'Nothing of this was kept.');
}

/**
 * Keeps what a client said. The same entry sent twice, or by two devices, is kept once.
 *
 * @throws AppError 422 when an entry is about a plan that is not this client's, or has an id that is not its own
 */
export async function keepEntries(
  manager: EntityManager,
  { practiceId, clientId }: Pick<LinkHolder, 'practiceId' | 'clientId'>,
  entries: readonly HomeEntry[],
): Promise<KeptEntries> {
  const plans = await manager.findBy(HomePlanRow, {
    clientId,
    id: In([...new Set(entries.map(({ planId }) => planId))]),
  });
  const planOf = (entry: HomeEntry) => plans.find(({ id }) => id === entry.planId);
  const stray = entries.findIndex((entry) => !planOf(entry));
  if (stray >= 0) throw invalid('There is no such plan.', `entries.${stray}.planId`);
  const rows = entries.map((entry) => {
    const { id, planId, said } = entry;
    return { id, practiceId, clientId, planId, said, entry };
  });
  await manager.createQueryBuilder().insert().into(HomeEntryRow).values(rows).orIgnore().execute();
  await checkKept(manager, clientId, entries);
  await needReplicated(manager);
  return {
    kept: entries.map(({ id }) => id),
    planChanged: entries.some((entry) => {
      const { version, endedOn } = planOf(entry)!;
      return version !== entry.planVersion || endedOn !== null;
    }),
  };
}

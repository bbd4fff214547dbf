import { clientSummary, rankOf, SUMMARY_SHAPE, type ClientFile } from '@taxikine/core';
import type { DataSource, EntityManager } from 'typeorm';
import { Client } from '../database/entities/Client';
import { ClientSummaryRow } from '../database/entities/ClientSummaryRow';
import { Practice } from '../database/entities/Practice';
import { inPractice } from '../database/inPractice';
import { maybeClientFile } from '../records/readFile';
import { zoneOf } from '../settings/readSettings';

/** After every day there is: sorts behind all that are due. */
const NEVER = '9999-12-31';

function rowOf(file: ClientFile, practiceId: string, zone: string): ClientSummaryRow {
  const summary = clientSummary(file, zone);
  const { name, about, id: clientId } = summary.client;
  return {
    clientId,
    practiceId,
    shape: SUMMARY_SHAPE,
    name,
    words: `${name} ${about}`.toLowerCase(),
    rank: rankOf(summary),
    dueOn: summary.due?.on ?? NEVER,
    lastVisitOn: summary.lastVisitOn ?? '',
    summary,
  };
}

/**
 * Works a client's line of the list out anew. Writes mark the line and no more (a trigger of theirs does); it
 * is worked out when somebody next reads the list, however many writes there were.
 */
export async function keepSummary(
  manager: EntityManager,
  practiceId: string,
  clientId: string,
): Promise<void> {
  // Waits for a write that is under way: what is read after this has it, or it marks the line anew.
  await manager.query('DELETE FROM stale_line WHERE client_id = $1', [clientId]);
  const file = await maybeClientFile(manager, clientId);
  if (!file) return;
  const row = rowOf(file, practiceId, await zoneOf(manager));
  await manager.upsert(ClientSummaryRow, row as never, ['practiceId', 'clientId']);
}

/** Clients without a line, or with one of an older shape. */
const lacking = async (manager: EntityManager): Promise<string[]> =>
  (
    await manager
      .createQueryBuilder(Client, 'client')
      .leftJoin(ClientSummaryRow, 'line', 'line.client_id = client.id AND line.shape = :shape', {
        shape: SUMMARY_SHAPE,
      })
      .where('line.client_id IS NULL')
      .select('client.id', 'id')
      .getRawMany<{ id: string }>()
  ).map(({ id }) => id);

/** Gives every client of every practice a line, after a migration. Takes the owner's connection. */
export async function needSummaries(owner: DataSource): Promise<void> {
  for (const { id: practiceId } of await owner.getRepository(Practice).find()) {
    const ids = await inPractice(owner, practiceId, lacking);
    for (const clientId of ids)
      await inPractice(owner, practiceId, (manager) => keepSummary(manager, practiceId, clientId));
  }
}

import { In, IsNull, type EntityManager, type EntityTarget, type ObjectLiteral } from 'typeorm';
import { noteDeed } from '../audit/noteDeed';
import { AppliedWrite } from '../database/entities/AppliedWrite';
import { Archive } from '../database/entities/Archive';
import { CheckResult } from '../database/entities/CheckResult';
import { Client } from '../database/entities/Client';
import { ClientLink } from '../database/entities/ClientLink';
import { ClientRetention } from '../database/entities/ClientRetention';
import { ClientSummaryRow } from '../database/entities/ClientSummaryRow';
import { DrillLog } from '../database/entities/DrillLog';
import { Erasure } from '../database/entities/Erasure';
import { HomeEntryRow } from '../database/entities/HomeEntryRow';
import { HomePlanRow } from '../database/entities/HomePlanRow';
import { Image } from '../database/entities/Image';
import { Look } from '../database/entities/Look';
import { Message } from '../database/entities/Message';
import { Paper } from '../database/entities/Paper';
import { Picture } from '../database/entities/Picture';
import { Probe } from '../database/entities/Probe';
import { Visit } from '../database/entities/Visit';
import { sendJob } from '../jobs/sendJob';

/** What belongs to a client, in an order in which nothing is left pointing at what has gone. */
export const ERASED: readonly [name: string, entity: EntityTarget<ObjectLiteral>][] = [
  ['links', ClientLink],
  ['letters', Message],
  ['papers', Paper],
  ['archives', Archive],
  ['roll-ups', ClientRetention],
  ['home entries', HomeEntryRow],
  ['home plans', HomePlanRow],
  ['images', Image],
  ['pictures', Picture],
  ['drills', DrillLog],
  ['checks', CheckResult],
  ['probes', Probe],
  ['looks', Look],
  ['visits', Visit],
  ['lines', ClientSummaryRow],
];

export interface Erasing {
  readonly practiceId: string;
  readonly clientId: string;
  readonly coachId: string;
  readonly on: string;
}

/**
 * Deletes everything there is about a client, in one transaction, and keeps that it was done: which id,
 * when, by whom, and how many rows, and nothing that names anybody. False when there is no such client.
 */
export async function eraseClient(
  manager: EntityManager,
  { practiceId, clientId, coachId, on }: Erasing,
): Promise<boolean> {
  const client = await manager.findOne(Client, {
    where: { id: clientId },
    lock: { mode: 'pessimistic_write' },
  });
  if (!client) return false;
  const letters = (await manager.findBy(Message, { clientId })).map(({ id }) => id);
  const counts: Record<string, number> = {};
  const written = [clientId];
  for (const [name, entity] of ERASED) {
    const rows = await manager.findBy(entity, { clientId });
    written.push(...rows.flatMap(({ id }) => (id ? [id as string] : [])));
    counts[name] = rows.length;
    await manager.delete(entity, { clientId });
  }
  // Archives of the whole practice hold this client, too.
  await manager.delete(Archive, { clientId: IsNull() });
  await manager.query('DELETE FROM stale_line WHERE client_id = $1', [clientId]);
  for (const table of ['job', 'archive'])
    await manager.query(`DELETE FROM pgboss.${table} WHERE data ->> 'clientId' = $1`, [clientId]);
  if (letters.length > 0) await sendJob(manager, 'forget-letters', { practiceId, letters });
  await sendJob(manager, 'roll-up-practice', { practiceId }, { key: practiceId });
  await manager.delete(Client, { id: clientId });
  await manager.delete(AppliedWrite, { recordId: In(written) });
  await manager.insert(Erasure, {
    id: crypto.randomUUID(),
    practiceId,
    clientId,
    erasedBy: coachId,
    erasedOn: on,
    counts,
  });
  await noteDeed(manager, { by: coachId, deed: 'erased', to: clientId });
  return true;
}

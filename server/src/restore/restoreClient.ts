import { KINDS_IN_FILE, type ClientFile, type RecordKind } from '@taxikine/core';
import type { EntityManager } from 'typeorm';
import { Client } from '../database/entities/Client';
import { Erasure } from '../database/entities/Erasure';
import { HomeEntryRow } from '../database/entities/HomeEntryRow';
import { AppError } from '../errors';
import { sendJob } from '../jobs/sendJob';
import { RESOURCES } from '../records/resources';
import { keepSummary } from '../today/keepSummary';
import type { ClientDocument } from './practiceEntries';
import type { PracticeContents } from './readPracticeZip';

export interface Restored {
  /** Clients that were not there. */
  readonly made: number;
  /** Clients that were there: what they lacked was added, what they had stays as it is. */
  readonly known: number;
  /** Clients that were erased since the archive was written. */
  readonly erased: number;
}

/** So many rows go out together. */
const AT_ONCE = 200;

async function add(
  manager: EntityManager,
  kind: RecordKind,
  rows: readonly object[],
  practiceId: string,
): Promise<void> {
  for (let i = 0; i < rows.length; i += AT_ONCE)
    await manager
      .createQueryBuilder()
      .insert()
      .into(RESOURCES[kind].entity)
      .values(rows.slice(i, i + AT_ONCE).map((row) => ({ ...row, practiceId })) as never)
      .orIgnore()
      .execute();
}

/** A letter that had not gone out when the archive was written does not go out from here. */
const lettersOf = ({ messages }: ClientFile): object[] =>
  messages.map((one) => ({
    ...one,
    askedBy: null,
    delivery: one.delivery ?? {
      state: 'failed',
      on: one.askedOn,
      to: null,
      why: 'moved',
      said: null,
    },
  }));

const elsewhere = new AppError(409, {
  code: 'elsewhere',
  message: 'A client of this archive belongs to another practice here.',
  hint: 'Nothing was written. Restore into the practice that it came from.',
});

async function restoreClient(
  manager: EntityManager,
  { file, images }: ClientDocument,
  practiceId: string,
): Promise<keyof Restored> {
  const { id: clientId } = file.client;
  if (await manager.existsBy(Erasure, { clientId })) return 'erased';
  const known = await manager.existsBy(Client, { id: clientId });
  await add(manager, 'clients', [file.client], practiceId);
  if (!(await manager.existsBy(Client, { id: clientId }))) throw elsewhere;
  for (const kind of KINDS_IN_FILE)
    await add(manager, kind, kind === 'messages' ? lettersOf(file) : file[kind], practiceId);
  await add(
    manager,
    'images',
    images.map((one) => ({ ...one, clientId })),
    practiceId,
  );
  for (const entry of file.homeEntries) {
    const { id, planId, said } = entry;
    const row = { id, practiceId, clientId, planId, said, entry };
    await manager.createQueryBuilder().insert().into(HomeEntryRow).values(row).orIgnore().execute();
  }
  await keepSummary(manager, practiceId, clientId);
  await sendJob(manager, 'roll-up', { practiceId, clientId }, { key: clientId });
  return known ? 'known' : 'made';
}

/**
 * Puts back what an archive holds and this practice lacks, in one transaction. Nothing that is there is
 * changed, and nobody who was erased comes back.
 */
export async function restorePractice(
  manager: EntityManager,
  practiceId: string,
  { practice, clients }: PracticeContents,
): Promise<Restored> {
  await add(manager, 'ownDrills', practice.file.ownDrills, practiceId);
  const rooms = practice.file.rooms.map((room) => ({ ...room, id: practiceId }));
  await add(manager, 'rooms', rooms, practiceId);
  const counts = { made: 0, known: 0, erased: 0 };
  for (const client of clients) counts[await restoreClient(manager, client, practiceId)] += 1;
  return counts;
}

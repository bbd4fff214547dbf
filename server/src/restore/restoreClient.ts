import { KINDS_IN_FILE, maybeLookProblem, type ClientFile, type RecordKind } from '@taxikine/core';
import type { EntityManager } from 'typeorm';
import { Client } from '../database/entities/Client';
import { Erasure } from '../database/entities/Erasure';
import { HomeEntryRow } from '../database/entities/HomeEntryRow';
import { invalid } from '../ground/errors';
import { sendJob } from '../jobs/sendJob';
import { pictureName, type ClientDocument, type ImageOfClient } from '../leave/practiceEntries';
import { maybeClientFile } from '../records/readFile';
import { RESOURCES } from '../records/resources';
import { keepSummary } from '../today/keepSummary';
import { imageOf } from './archiveFiles';
import { closeBarred, openHere } from './closeBarred';
import { keepAgain } from './keepAgain';
import { needHere } from './needHere';

/** What became of a client of an archive. */
export interface ClientRestored {
  /** `known`: what was lacking was added, what was there stays as it is; `erased`: since the archive was written. */
  readonly became: 'made' | 'known' | 'erased';
  /** Open drills or plans that came with the archive may not be given to this client, and were ended. */
  readonly closed: boolean;
}

export interface Restoring {
  readonly practiceId: string;
  /** Of the client's file. */
  readonly name: string;
  /** Bytes of a file of the archive. */
  readonly bytes: (name: string) => Promise<Buffer>;
  /** Instant. */
  readonly on: string;
  /** Who asked for it. */
  readonly coachId: string;
}

/** So many rows go out together. */
const AT_ONCE = 200;

interface Row {
  readonly id: string;
  readonly clientId?: string;
}

/**
 * Adds the rows that are not there.
 *
 * @throws AppError 409 when an id is another client's
 */
export async function addRows(
  manager: EntityManager,
  kind: RecordKind,
  rows: readonly Row[],
  practiceId: string,
): Promise<void> {
  const { entity } = RESOURCES[kind];
  for (let i = 0; i < rows.length; i += AT_ONCE) {
    const some = rows.slice(i, i + AT_ONCE);
    const values = some.map((row) => ({ ...row, practiceId })) as never;
    await manager.createQueryBuilder().insert().into(entity).values(values).orIgnore().execute();
    const ids = some.map(({ id }) => id);
    await needHere(manager, { entity, ids, clientId: some[0]!.clientId, kind });
  }
}

/** A letter that had not gone out when the archive was written does not go out from here. */
const lettersOf = ({ messages }: ClientFile): Row[] =>
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

async function addHomeEntries(
  manager: EntityManager,
  { client: { id: clientId }, homeEntries }: ClientFile,
  practiceId: string,
): Promise<void> {
  for (const entry of homeEntries) {
    const { id, planId, said } = entry;
    const row = { id, practiceId, clientId, planId, said, entry };
    await manager.createQueryBuilder().insert().into(HomeEntryRow).values(row).orIgnore().execute();
  }
  const ids = homeEntries.map(({ id }) => id);
  await needHere(manager, { entity: HomeEntryRow, ids, clientId, kind: 'homeEntries' });
}

/** One picture after the other, so that one is held at a time. */
async function addImage(
  manager: EntityManager,
  clientId: string,
  { id, visitId, version, jpeg }: ImageOfClient,
  { practiceId, bytes }: Restoring,
): Promise<void> {
  const name = pictureName(id);
  const text = jpeg === undefined ? (await bytes(name)).toString('base64') : jpeg;
  const image = imageOf({ id, clientId, visitId, jpeg: text }, name);
  const row = { ...image, version };
  await addRows(manager, 'images', [row], practiceId);
}

/** Everything that is a client's: what is here already stays. */
async function addFile(
  manager: EntityManager,
  { file, images }: ClientDocument,
  restoring: Restoring,
): Promise<void> {
  const { practiceId } = restoring;
  for (const kind of KINDS_IN_FILE)
    await addRows(manager, kind, kind === 'messages' ? lettersOf(file) : file[kind], practiceId);
  for (const image of images) await addImage(manager, file.client.id, image, restoring);
  await addHomeEntries(manager, file, practiceId);
}

/** A look says only what can be seen in the pattern of its visit, as that is here. */
function checkLooks({ visits }: ClientFile, { file }: ClientDocument, name: string): void {
  for (const [i, look] of file.looks.entries()) {
    const visit = visits.find(({ id }) => id === look.visitId);
    const problem = visit && maybeLookProblem(visit.pattern, look);
    if (problem) throw invalid(problem.message, `${name}.file.looks.${i}.${problem.path}`);
  }
}

/**
 * Puts back what a file of an archive holds of a client and this practice lacks. Nothing that is here is changed, and
 * nobody who was erased comes back.
 *
 * @throws AppError 409 when anything of it is another client's, 422 when a picture is not there or is none, or a look
 *   does not go with its visit
 */
export async function restoreClient(
  manager: EntityManager,
  document: ClientDocument,
  restoring: Restoring,
): Promise<ClientRestored> {
  const { practiceId, name, on, coachId } = restoring;
  const { client } = document.file;
  const clientId = client.id;
  if (await manager.existsBy(Erasure, { clientId })) return { became: 'erased', closed: false };
  const known = await manager.existsBy(Client, { id: clientId });
  await addRows(manager, 'clients', [client], practiceId);
  if (!known && document.keptTo) await keepAgain(manager, clientId, document.keptTo, coachId);
  const before = await openHere(manager, clientId);
  await addFile(manager, document, restoring);
  const file = (await maybeClientFile(manager, clientId))!;
  checkLooks(file, document, name);
  const closed = await closeBarred(manager, file, before, on);
  await keepSummary(manager, practiceId, clientId);
  await sendJob(manager, 'roll-up', { practiceId, clientId }, { key: clientId });
  return { became: known ? 'known' : 'made', closed };
}

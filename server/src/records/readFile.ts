import {
  KINDS_IN_FILE,
  KINDS_OF_PRACTICE,
  type ClientFile,
  type HomeEntry,
  type PracticeFile,
} from '@taxikine/core';
import type { EntityManager } from 'typeorm';
import { HomeEntryRow } from '../database/entities/HomeEntryRow';
import { RESOURCES } from './resources';
import { toWire } from './toWire';

const rowsOf = (manager: EntityManager, kind: keyof typeof RESOURCES, where: object) =>
  manager.find(RESOURCES[kind].entity, { where, order: { id: 'ASC' } });

/** What a client said from home, oldest first. */
const homeEntriesOf = async (manager: EntityManager, clientId: string): Promise<HomeEntry[]> =>
  (
    await manager.find(HomeEntryRow, { where: { clientId }, order: { said: 'ASC', id: 'ASC' } })
  ).map(({ entry }) => entry);

/** Everything kept about one client, or null. */
export async function maybeClientFile(
  manager: EntityManager,
  clientId: string,
): Promise<ClientFile | null> {
  const client = await manager.findOneBy(RESOURCES.clients.entity, { id: clientId });
  if (!client) return null;
  const file: Record<string, unknown> = { client: toWire(client) };
  for (const kind of KINDS_IN_FILE)
    file[kind] = (await rowsOf(manager, kind, { clientId })).map((row) => toWire(row));
  file.homeEntries = await homeEntriesOf(manager, clientId);
  return file as unknown as ClientFile;
}

/** Everything kept of the practice itself. */
export async function practiceFile(manager: EntityManager): Promise<PracticeFile> {
  const file: Record<string, unknown> = {};
  for (const kind of KINDS_OF_PRACTICE)
    file[kind] = (await rowsOf(manager, kind, {})).map((row) => toWire(row));
  return file as unknown as PracticeFile;
}

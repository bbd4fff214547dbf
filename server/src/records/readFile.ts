import {
  groupBy,
  KINDS_IN_FILE,
  KINDS_OF_PRACTICE,
  type ClientFile,
  type PracticeFile,
} from '@taxikine/core';
import type { EntityManager } from 'typeorm';
import type { PracticeRow } from '../database/columns';
import { RESOURCES } from './resources';
import { toWire } from './toWire';

const rowsOf = (manager: EntityManager, kind: keyof typeof RESOURCES, where: object) =>
  manager.find(RESOURCES[kind].entity, { where, order: { id: 'ASC' } });

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
  return file as unknown as ClientFile;
}

/** Files of all clients of the practice, in a query a kind however many there are. */
export async function allClientFiles(manager: EntityManager): Promise<ClientFile[]> {
  const clients = await rowsOf(manager, 'clients', {});
  const parts: Record<string, Map<string, PracticeRow[]>> = {};
  for (const kind of KINDS_IN_FILE)
    parts[kind] = groupBy(
      await rowsOf(manager, kind, {}),
      (row) => (row as PracticeRow & { clientId: string }).clientId,
    );
  return clients.map((client) => {
    const own = KINDS_IN_FILE.map((kind) => [
      kind,
      (parts[kind].get(client.id) ?? []).map((row) => toWire(row)),
    ]);
    return { client: toWire(client), ...Object.fromEntries(own) } as ClientFile;
  });
}

/** Everything kept of the practice itself. */
export async function practiceFile(manager: EntityManager): Promise<PracticeFile> {
  const file: Record<string, unknown> = {};
  for (const kind of KINDS_OF_PRACTICE)
    file[kind] = (await rowsOf(manager, kind, {})).map((row) => toWire(row));
  return file as unknown as PracticeFile;
}

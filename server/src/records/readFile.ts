import { KINDS_OF_PRACTICE, type ClientFile, type PracticeFile } from '@taxikine/core';
import type { EntityManager } from 'typeorm';
import { fileSql } from './fileSql';
import { RESOURCES } from './resources';
import { toWire } from './toWire';

const rowsOf = (manager: EntityManager, kind: keyof typeof RESOURCES, where: object) =>
  manager.find(RESOURCES[kind].entity, { where, order: { id: 'ASC' } });

/** Everything kept about one client, or null: one statement, however many kinds there are. */
export async function maybeClientFile(
  manager: EntityManager,
  clientId: string,
): Promise<ClientFile | null> {
  const [row] = (await manager.query(fileSql(manager.connection), [clientId])) as {
    file: ClientFile;
  }[];
  return row?.file ?? null;
}

/** Everything kept of the practice itself. */
export async function practiceFile(manager: EntityManager): Promise<PracticeFile> {
  const file: Record<string, unknown> = {};
  for (const kind of KINDS_OF_PRACTICE)
    file[kind] = (await rowsOf(manager, kind, {})).map((row) => toWire(row));
  return file as unknown as PracticeFile;
}

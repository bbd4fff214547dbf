import type { ClientFile, PracticeFile } from '@taxikine/core';
import { strToU8 } from 'fflate';
import type { EntityManager } from 'typeorm';
import { Client } from '../database/entities/Client';
import { Image } from '../database/entities/Image';
import { maybeClientFile, practiceFile } from '../records/readFile';
import { toWire } from '../records/toWire';
import type { ZipEntry } from './zipped';

export const PRACTICE_FORMAT = 'taxikine-practice';
export const PRACTICE_VERSION = 1;

export interface PracticeDocument {
  readonly format: typeof PRACTICE_FORMAT;
  readonly version: number;
  readonly name: string;
  readonly writtenOn: string;
  readonly file: PracticeFile;
}

/** One client as a practice's export has it. */
export interface ClientDocument {
  readonly file: ClientFile;
  readonly images: readonly (Pick<Image, 'id' | 'visitId' | 'jpeg'> & { version: number })[];
}

async function clientDocument(manager: EntityManager, id: string): Promise<ClientDocument> {
  const file = (await maybeClientFile(manager, id))!;
  const images = await manager.findBy(Image, { clientId: id });
  return { file, images: images.map((row) => toWire<Image>(row)) };
}

const json = (value: unknown): Uint8Array => strToU8(JSON.stringify(value, null, 1));

/**
 * Everything a practice has kept, file by file, as `restorePractice` reads it: `practice.json`, and one for
 * every client under `clients/`. Links and sessions are doors, not records: they are not in it.
 */
export async function* practiceEntries(
  manager: EntityManager,
  writtenOn: string,
): AsyncGenerator<ZipEntry> {
  const [{ name }] = await manager.query('SELECT own_practice_name() AS name');
  const document: PracticeDocument = {
    format: PRACTICE_FORMAT,
    version: PRACTICE_VERSION,
    name,
    writtenOn,
    file: await practiceFile(manager),
  };
  yield { name: 'practice.json', bytes: json(document) };
  for (const { id } of await manager.find(Client, { select: { id: true }, order: { id: 'ASC' } }))
    yield { name: `clients/${id}.json`, bytes: json(await clientDocument(manager, id)) };
}

import type { ClientFile, ConsentWording, PracticeFile } from '@taxikine/core';
import { strToU8 } from 'fflate';
import type { EntityManager } from 'typeorm';
import { Client } from '../database/entities/Client';
import { Erasure } from '../database/entities/Erasure';
import { Image } from '../database/entities/Image';
import { keeperOf } from '../keeping/keepTo';
import { maybeClientFile, practiceFile } from '../records/readFile';
import { listWordings } from '../settings/readSettings';
import type { ZipEntry } from './zipped';

export const PRACTICE_FORMAT = 'taxikine-practice';
/**
 * Since 2, pictures lie beside their client's file; before, they were in it as text. Since 3, with what clients agreed to.
 * Since 4, with whom a client is kept to.
 */
export const PRACTICE_VERSION = 4;
export const PRACTICE_FILE = 'practice.json';

export const pictureName = (id: string): string => `pictures/${id}.jpg`;

export interface PracticeDocument {
  readonly format: typeof PRACTICE_FORMAT;
  readonly version: number;
  readonly name: string;
  readonly writtenOn: string;
  readonly file: PracticeFile;
  readonly erasures: readonly ErasureInArchive[];
  /** What clients agreed to, every version of it. */
  readonly wordings: readonly ConsentWording[];
}

/** That somebody was erased: an id and nothing that names anybody. */
export type ErasureInArchive = Pick<Erasure, 'clientId' | 'erasedOn' | 'counts'>;

const erasuresOf = async (manager: EntityManager): Promise<ErasureInArchive[]> =>
  (await manager.find(Erasure, { order: { erasedOn: 'ASC' } })).map(
    ({ clientId, erasedOn, counts }) => ({ clientId, erasedOn, counts }),
  );

/** One client as a practice's export has it. */
export interface ClientDocument {
  readonly file: ClientFile;
  readonly images: readonly ImageOfClient[];
  /** The coach whom alone they are open to; null while they are open to all. */
  readonly keptTo: string | null;
}

/** Without `jpeg` its bytes are a file of their own; null once it was let go. */
export interface ImageOfClient {
  readonly id: string;
  readonly visitId: string;
  readonly version: number;
  readonly jpeg?: string | null;
}

const imagesOf = (manager: EntityManager, clientId: string): Promise<ImageOfClient[]> =>
  manager.query(
    `SELECT id, visit_id AS "visitId", version FROM image WHERE client_id = $1 AND jpeg IS NOT NULL
     ORDER BY id`,
    [clientId],
  );

/** A client's file, and each picture after it: no more than one of them is held at a time. */
async function* entriesOfClient(manager: EntityManager, id: string): AsyncGenerator<ZipEntry> {
  const file = (await maybeClientFile(manager, id))!;
  const images = await imagesOf(manager, id);
  const keptTo = (await keeperOf(manager, id))?.id ?? null;
  const document: ClientDocument = { file, images, keptTo };
  yield { name: `clients/${id}.json`, bytes: json(document) };
  for (const image of images) {
    const { jpeg } = await manager.findOneByOrFail(Image, { id: image.id });
    yield { name: pictureName(image.id), bytes: Buffer.from(jpeg!, 'base64'), stored: true };
  }
}

const json = (value: unknown): Uint8Array => strToU8(JSON.stringify(value, null, 1));

/**
 * Everything a practice has kept, file by file, as `putBack` reads it: `practice.json`, one for every client
 * under `clients/`, and pictures under `pictures/`. Links and sessions are doors, not records: they are not in it.
 */
export async function* practiceEntries(
  manager: EntityManager,
  writtenOn: string,
): AsyncGenerator<ZipEntry> {
  const [{ name }] = await manager.query('SELECT name FROM own_practice()');
  const document: PracticeDocument = {
    format: PRACTICE_FORMAT,
    version: PRACTICE_VERSION,
    name,
    writtenOn,
    file: await practiceFile(manager),
    erasures: await erasuresOf(manager),
    wordings: await listWordings(manager),
  };
  yield { name: PRACTICE_FILE, bytes: json(document) };
  for (const { id } of await manager.find(Client, { select: { id: true }, order: { id: 'ASC' } }))
    yield* entriesOfClient(manager, id);
}

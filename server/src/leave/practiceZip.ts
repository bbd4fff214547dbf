import type { ClientFile, PracticeFile } from '@taxikine/core';
import { strToU8, zip, type AsyncZippable } from 'fflate';
import type { EntityManager } from 'typeorm';
import { Client } from '../database/entities/Client';
import { Image } from '../database/entities/Image';
import { maybeClientFile, practiceFile } from '../records/readFile';
import { toWire } from '../records/toWire';

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
 * Everything a practice has kept, as a zip that `restorePractice` reads: `practice.json`, and a file for
 * every client under `clients/`. Links and sessions are doors, not records: they are not in it.
 */
export async function practiceZip(
  manager: EntityManager,
  practice: { readonly name: string },
  writtenOn: string,
): Promise<Uint8Array> {
  const document: PracticeDocument = {
    format: PRACTICE_FORMAT,
    version: PRACTICE_VERSION,
    name: practice.name,
    writtenOn,
    file: await practiceFile(manager),
  };
  const files: AsyncZippable = { 'practice.json': json(document) };
  for (const { id } of await manager.find(Client, { select: { id: true }, order: { id: 'ASC' } }))
    files[`clients/${id}.json`] = json(await clientDocument(manager, id));
  return new Promise((resolve, reject) => {
    zip(files, (error, bytes) => (error ? reject(error) : resolve(bytes)));
  });
}

import type { RestoreShown } from '@taxikine/core';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { inPractice } from '../src';
import { putBack } from '../src/restore/putBack';
import { type Agent, coach, fileFrom, NOON, packNext, runNext, world } from './world';

export const PATH = '/api/v1/practice/restore';
export const nameOf = (clientId: string) => `clients/${clientId}.json`;

/** The practice's archive, of these clients and no more: the tests before have left many. */
export async function archive(...ids: string[]): Promise<Uint8Array> {
  const [{ bytes }] = await Promise.all([
    fileFrom(coach, '/api/v1/practice/export.zip'),
    packNext(world),
  ]);
  const isWanted = ([name]: [string, unknown]) =>
    !name.startsWith('clients/') || ids.some((id) => name === nameOf(id));
  return zipSync(Object.fromEntries(Object.entries(unzipSync(bytes)).filter(isWanted)));
}

export const hand = (bytes: Uint8Array, as: Agent = coach) =>
  as.post(PATH).set('Content-Type', 'application/zip').send(Buffer.from(bytes));

export const work = (clock = () => NOON) =>
  runNext(world, 'put-back', (data, source) => putBack(source, data, clock));

export const shown = async (as: Agent = coach): Promise<RestoreShown> =>
  (await as.get(PATH).expect(200)).body.restore;

/** Hands an archive over, lets the worker do it, and what became of it. */
export async function restore(bytes: Uint8Array, as: Agent = coach): Promise<RestoreShown> {
  await hand(bytes, as).expect(202);
  await work();
  return shown(as);
}

export const own = <T>(task: Parameters<typeof inPractice<T>>[2]) =>
  inPractice(world.source, world.practices[0].id, task);

/** Removes a client's rows without a record of it, as a lost disk would. */
export async function lose(clientId: string) {
  await coach.post(`/api/v1/clients/${clientId}/erase`).send({ name: 'Signe Lund' }).expect(204);
  await world.owner.query('ALTER TABLE erasure NO FORCE ROW LEVEL SECURITY');
  await world.owner.query('DELETE FROM erasure WHERE client_id = $1', [clientId]);
  await world.owner.query('ALTER TABLE erasure FORCE ROW LEVEL SECURITY');
}

export interface ArchivedClient {
  readonly file: Readonly<Record<'visits' | 'looks' | 'drills' | 'homeEntries', object[]>> & {
    readonly client: object;
  };
  readonly images: { id: string; jpeg?: string }[];
}

/** An archive of clients, the first one's file changed. */
export async function changed(
  change: (document: ArchivedClient) => void,
  clientId: string,
  ...others: string[]
) {
  const files = unzipSync(await archive(clientId, ...others));
  const document = JSON.parse(strFromU8(files[nameOf(clientId)]));
  change(document);
  return zipSync({ ...files, [nameOf(clientId)]: strToU8(JSON.stringify(document)) });
}

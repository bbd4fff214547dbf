import { KINDS_IN_FILE } from '@taxikine/core';
import { inPractice } from '../src';
import { fileSql, stampSql } from '../src/records/fileSql';
import { maybeClientFile } from '../src/records/readFile';
import { RESOURCES } from '../src/records/resources';
import { toWire } from '../src/records/toWire';
import { coach, newClient, newLook, newPlan, newVisit, put, useWorld, world } from './world';

useWorld();

async function withVisit() {
  const client = newClient();
  const visit = newVisit(client.id);
  await put('clients', client).expect(201);
  await put('visits', visit).expect(201);
  await put('looks', newLook(visit)).expect(201);
  await put('homePlans', newPlan(visit)).expect(201);
  return { client, visit };
}

const practiceId = () => world.practices[0].id;
const own = <T>(work: Parameters<typeof inPractice<T>>[2]) =>
  inPractice(world.source, practiceId(), work);

it('one statement reads what the entities would, kind by kind', async () => {
  const { client } = await withVisit();
  const { file, rows } = await own(async (manager) => {
    const rows: Record<string, unknown> = {};
    for (const kind of KINDS_IN_FILE)
      rows[kind] = (
        await manager.find(RESOURCES[kind].entity, {
          where: { clientId: client.id } as object,
          order: { id: 'ASC' },
        })
      ).map((row) => toWire(row));
    return { file: (await maybeClientFile(manager, client.id))!, rows };
  });
  const { client: found, homeEntries, ...kinds } = file;
  expect(kinds).toEqual(rows);
  expect(kinds.visits).toHaveLength(1);
  expect(kinds.homePlans).toHaveLength(1);
  expect(homeEntries).toEqual([]);
  expect(found).toMatchObject({ id: client.id, version: 1 });
});

it('it is one statement, with one parameter', () => {
  const sql = fileSql(world.source);
  expect(sql).not.toContain(';');
  expect(new Set(sql.match(/\$\d/g))).toEqual(new Set(['$1']));
});

it('another practice’s client is not there', async () => {
  const { client } = await withVisit();
  const file = await inPractice(world.source, world.practices[1].id, (manager) =>
    maybeClientFile(manager, client.id),
  );
  expect(file).toBeNull();
});

const stampOf = (clientId: string): Promise<string | null> =>
  own(async (manager) => {
    const [{ stamp }] = await manager.query(stampSql(world.source), [clientId]);
    return stamp;
  });

it('the stamp changes with every write, and with nothing else', async () => {
  const { client, visit } = await withVisit();
  const first = await stampOf(client.id);
  expect(first).toMatch(/^[0-9a-f]{32}$/);
  expect(await stampOf(client.id)).toBe(first);
  await put('visits', { ...visit, minutes: 20 } as typeof visit, 1).expect(200);
  const second = await stampOf(client.id);
  expect(second).not.toBe(first);
  await put('looks', newLook(visit)).expect(201);
  expect(await stampOf(client.id)).not.toBe(second);
});

it('nobody has no stamp', async () => {
  expect(await stampOf(crypto.randomUUID())).toBeNull();
});

it('a file that has not changed is not sent again', async () => {
  const { client, visit } = await withVisit();
  const address = `/api/v1/clients/${client.id}/file`;
  const { headers } = await coach.get(address).expect(200);
  await coach.get(address).set('If-None-Match', headers.etag).expect(304);
  await put('visits', { ...visit, minutes: 25 } as typeof visit, 1).expect(200);
  const { body } = await coach.get(address).set('If-None-Match', headers.etag).expect(200);
  expect(body.visits[0].minutes).toBe(25);
});

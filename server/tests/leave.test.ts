import { parseCase } from '@taxikine/core';
import { strFromU8, unzipSync } from 'fflate';
import request from 'supertest';
import { everything, waiting, writtenTo } from './filled';
import { coach, fileFrom, packNext, signIn, useWorld, world, write } from './world';

useWorld();

async function zipOf(id: string) {
  const [{ bytes }] = await Promise.all([
    fileFrom(coach, `/api/v1/clients/${id}/export.zip`),
    packNext(world),
  ]);
  return unzipSync(new Uint8Array(bytes));
}

/** Rows of every table with a client in it that are about this one. */
async function left(clientId: string): Promise<Record<string, number>> {
  const tables: { table_name: string }[] = await world.owner.query(
    `SELECT table_name FROM information_schema.columns
     WHERE column_name = 'client_id' AND table_schema = 'public' AND table_name <> 'erasure'`,
  );
  const counts: Record<string, number> = {};
  for (const { table_name: table } of tables) {
    await world.owner.query(`ALTER TABLE ${table} NO FORCE ROW LEVEL SECURITY`);
    const [{ count }] = await world.owner.query(
      `SELECT count(*)::int AS count FROM ${table} WHERE client_id = $1`,
      [clientId],
    );
    await world.owner.query(`ALTER TABLE ${table} FORCE ROW LEVEL SECURITY`);
    if (count > 0) counts[table] = count;
  }
  return counts;
}

it('one zip has everything, in formats that others read', async () => {
  const { client, plan } = await everything();
  const files = await zipOf(client.id);
  const names = Object.keys(files);
  expect(names).toEqual(
    expect.arrayContaining([
      'README.txt',
      'client.json',
      'consent.txt',
      'measures.csv',
      'home/plans.csv',
      'home/said.csv',
    ]),
  );
  const file = JSON.parse(strFromU8(files['client.json']));
  expect(file.homePlans[0].id).toBe(plan.id);
  const [caseName] = names.filter((name) => name.startsWith('cases/'));
  expect(parseCase(JSON.parse(strFromU8(files[caseName]))).status).toBe('ok');
  expect(strFromU8(files[caseName])).not.toContain('Signe');
  expect(strFromU8(files['consent.txt'])).toMatch(
    /^The client agrees .*\n\nAgreed on .* \(wording 2026-1\)\.\n$/,
  );
  // A table program must not take what somebody wrote for a formula.
  expect(strFromU8(files['home/said.csv'])).toContain(`"'=HYPERLINK`);
});

it('erased is erased: no row, no page, no list, and a record that names nobody', async () => {
  const { client, token } = await everything();
  expect(Object.keys(await left(client.id)).length).toBeGreaterThan(6);
  await coach.post(`/api/v1/clients/${client.id}/erase`).send({ name: 'Signe Lund' }).expect(204);
  expect(await left(client.id)).toEqual({});
  await coach.get(`/api/v1/clients/${client.id}/file`).expect(404);
  const page = await request(world.app)
    .get('/api/v1/home?day=2026-11-23')
    .set('Authorization', `Bearer ${token}`)
    .expect(410);
  expect(JSON.stringify(page.body)).not.toContain('Signe');
  const { erasures } = (await coach.get('/api/v1/erasures').expect(200)).body;
  const [record] = erasures.filter((one: { clientId: string }) => one.clientId === client.id);
  expect(record.counts).toMatchObject({
    visits: 1,
    looks: 1,
    drills: 1,
    'home plans': 1,
    links: 1,
  });
  expect(JSON.stringify(record)).not.toContain('Signe');
});

it('what was to be done for an erased client is not done, and their letters are let go of', async () => {
  const { client, letter } = await writtenTo();
  expect(await waiting(letter.id)).toEqual(['send-letter']);
  await coach.post(`/api/v1/clients/${client.id}/erase`).send({ name: 'Signe Lund' }).expect(204);
  expect(await waiting(client.id)).toEqual([]);
  expect(await waiting(letter.id)).toEqual(['forget-letters']);
});

it('a device that still holds the client does not bring them back', async () => {
  const { client, visit } = await everything();
  await coach.post(`/api/v1/clients/${client.id}/erase`).send({ name: client.name }).expect(204);
  const { body } = await coach.put(`/api/v1/clients/${client.id}`).send(write(client)).expect(410);
  expect(body.code).toBe('erased');
  await coach.put(`/api/v1/visits/${visit.id}`).send(write(visit)).expect(404);
});

it.each([
  ['another name', 'Signe', 422],
  ['no name', '', 422],
])('with %s nothing is erased', async (_name, name, status) => {
  const { client } = await everything();
  const { body } = await coach
    .post(`/api/v1/clients/${client.id}/erase`)
    .send({ name })
    .expect(status);
  expect(body.path).toBe('name');
  await coach.get(`/api/v1/clients/${client.id}/file`).expect(200);
});

it('another practice can neither export nor erase', async () => {
  const { client } = await everything();
  const stranger = await signIn(world, 'elsewhere');
  await stranger.get(`/api/v1/clients/${client.id}/export.zip`).expect(404);
  await stranger.post(`/api/v1/clients/${client.id}/erase`).send({ name: client.name }).expect(404);
  expect((await stranger.get('/api/v1/erasures')).body.erasures).toEqual([]);
});

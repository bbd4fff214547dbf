import { parseCase } from '@taxikine/core';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import request from 'supertest';
import {
  fileFrom,
  makeWorld,
  newClient,
  newDrill,
  newLook,
  newPlan,
  newVisit,
  packNext,
  signIn,
  write,
  type Agent,
  type World,
} from './world';

let world: World;
let coach: Agent;
beforeAll(async () => {
  world = await makeWorld();
  coach = await signIn(world, 'saltreach');
});
afterAll(() => world.close());

const put = (kind: string, record: { id: string }) =>
  coach.put(`/api/v1/${kind}/${record.id}`).send(write(record)).expect(201);

/** A client with something in every table there is. */
async function everything() {
  const client = newClient({ name: 'Signe Lund' });
  const visit = newVisit(client.id);
  const plan = newPlan(visit);
  await put('clients', client);
  await put('visits', visit);
  await put(
    'looks',
    newLook(visit, {
      faults: [{ fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain' }],
    }),
  );
  await put('drills', newDrill(visit));
  await put('homePlans', plan);
  const { token } = (
    await coach
      .post(`/api/v1/clients/${client.id}/links`)
      .send({ purpose: 'page', days: 9 })
      .expect(201)
  ).body;
  const entry = {
    id: crypto.randomUUID(),
    planId: plan.id,
    planVersion: 1,
    on: '2026-11-23',
    said: '2026-11-23T08:00:00.000Z',
    kind: 'dose',
    key: 'squat-to-target@',
    at: '07:30',
    name: '=HYPERLINK("x")',
    done: 'done',
    why: null,
    pain: 2,
    sharp: false,
  };
  await coach
    .post('/api/v1/home/entries')
    .set('Authorization', `Bearer ${token}`)
    .send({ entries: [entry] })
    .expect(201);
  return { client, visit, plan, token };
}

/** A client to whom a letter is on its way. */
async function writtenTo() {
  const client = newClient({
    name: 'Signe Lund',
    contact: { email: 'signe@lund.example', reminders: false },
  });
  const visit = newVisit(client.id);
  const plan = newPlan(visit);
  const letter = {
    id: crypto.randomUUID(),
    clientId: client.id,
    kind: 'plan-ready',
    planId: plan.id,
    dueOn: null,
    askedOn: '2026-11-23T12:00:00.000Z',
  };
  await put('clients', client);
  await put('visits', visit);
  await put('homePlans', plan);
  await put('messages', letter);
  return { client, letter };
}

/** Queues in which something about a client, or a letter, waits. */
const waiting = async (id: string): Promise<string[]> =>
  (
    await world.owner.query(
      `SELECT name FROM pgboss.job WHERE data::text LIKE $1 AND state = 'created' ORDER BY name`,
      [`%${id}%`],
    )
  ).map(({ name }: { name: string }) => name);

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

describe('the whole practice', () => {
  const archive = async () =>
    (await Promise.all([fileFrom(coach, '/api/v1/practice/export.zip'), packNext(world)]))[0].bytes;
  const restore = (as: Agent, bytes: Buffer) =>
    as.post('/api/v1/practice/restore').set('Content-Type', 'application/zip').send(bytes);
  /** Removes a client's rows without a record of it, as a lost disk would. */
  const lose = async (clientId: string) => {
    await coach.post(`/api/v1/clients/${clientId}/erase`).send({ name: 'Signe Lund' }).expect(204);
    await world.owner.query('ALTER TABLE erasure NO FORCE ROW LEVEL SECURITY');
    await world.owner.query('DELETE FROM erasure WHERE client_id = $1', [clientId]);
    await world.owner.query('ALTER TABLE erasure FORCE ROW LEVEL SECURITY');
  };

  it('what was lost comes back as it was, what is there is not touched', async () => {
    const { client } = await everything();
    const { client: kept } = await everything();
    const before = (await coach.get(`/api/v1/clients/${client.id}/file`).expect(200)).body;
    const bytes = await archive();
    await lose(client.id);
    await coach
      .put(`/api/v1/clients/${kept.id}`)
      .send(write({ ...kept, goal: 'changed since' }, 1))
      .expect(200);
    const { body } = await restore(coach, bytes).expect(200);
    expect(body.made).toBe(1);
    expect(await waiting(client.id)).toEqual(['roll-up']);
    expect((await coach.get(`/api/v1/clients/${client.id}/file`).expect(200)).body).toEqual(before);
    const { record } = (await coach.get(`/api/v1/clients/${kept.id}`).expect(200)).body;
    expect(record.goal).toBe('changed since');
    expect((await restore(coach, bytes).expect(200)).body).toMatchObject({ made: 0 });
    expect((await coach.get('/api/v1/clients?search=signe')).body.clients.length).toBeGreaterThan(
      1,
    );
  });

  it('a letter that had not gone out does not go out from where it was put back', async () => {
    const { client, letter } = await writtenTo();
    const bytes = await archive();
    await lose(client.id);
    await restore(coach, bytes).expect(200);
    const { body } = await coach.get(`/api/v1/messages/${letter.id}`).expect(200);
    expect(body.record).toMatchObject({ delivery: { state: 'failed', why: 'moved' } });
    expect(await waiting(letter.id)).not.toContain('send-letter');
  });

  it('who was erased stays erased', async () => {
    const { client } = await everything();
    const bytes = await archive();
    await coach.post(`/api/v1/clients/${client.id}/erase`).send({ name: client.name }).expect(204);
    expect((await restore(coach, bytes).expect(200)).body.erased).toBeGreaterThanOrEqual(1);
    await coach.get(`/api/v1/clients/${client.id}/file`).expect(404);
  });

  it('an archive of another practice that is here takes nobody over', async () => {
    const { client } = await everything();
    const stranger = await signIn(world, 'elsewhere');
    const { body } = await restore(stranger, await archive()).expect(409);
    expect(body.code).toBe('elsewhere');
    await stranger.get(`/api/v1/clients/${client.id}/file`).expect(404);
  });

  it.each([
    ['no zip', () => Buffer.from('not a zip'), 'no-archive', undefined],
    ['an empty one', () => Buffer.from(zipSync({})), 'invalid', 'practice.json'],
    [
      'a file that is not readable',
      () => Buffer.from(zipSync({ 'practice.json': strToU8('{') })),
      'invalid',
      'practice.json',
    ],
    [
      'a later version',
      () =>
        Buffer.from(
          zipSync({
            'practice.json': strToU8(
              JSON.stringify({
                format: 'taxikine-practice',
                version: 2,
                name: 'x',
                writtenOn: 'y',
                file: {},
              }),
            ),
          }),
        ),
      'invalid',
      'practice.json.version',
    ],
  ])('%s is refused and named', async (_name, bytes, code, path) => {
    const { body } = await restore(coach, bytes()).expect(422);
    expect([body.code, body.path]).toEqual([code, path]);
  });

  it.each<[string, string, (document: ArchivedClient) => void]>([
    [
      'a record that the app would refuse',
      'file.client.heightM',
      ({ file }) => Object.assign(file.client, { heightM: 17 }),
    ],
    [
      'a file without its client',
      'file.client',
      ({ file }) => Reflect.deleteProperty(file, 'client'),
    ],
    [
      'no list where one should be',
      'file.looks',
      ({ file }) => Object.assign(file, { looks: 'none' }),
    ],
    [
      'a record of another client',
      'file.visits.0.clientId',
      ({ file }) => Object.assign(file.visits[0], { clientId: crypto.randomUUID() }),
    ],
    [
      'a look of a visit that is not there',
      'file.looks.0.visitId',
      ({ file }) => Object.assign(file.looks[0], { visitId: crypto.randomUUID() }),
    ],
    [
      'a word from home about no plan',
      'file.homeEntries.0.planId',
      ({ file }) => Object.assign(file.homeEntries[0], { planId: crypto.randomUUID() }),
    ],
  ])('%s is refused by its file and field', async (_name, path, spoil) => {
    const { client } = await everything();
    const files = unzipSync(new Uint8Array(await archive()));
    const name = `clients/${client.id}.json`;
    const document = JSON.parse(strFromU8(files[name]));
    spoil(document);
    const changed = zipSync({ ...files, [name]: strToU8(JSON.stringify(document)) });
    const { body } = await restore(coach, Buffer.from(changed)).expect(422);
    expect(body.path).toBe(`${name}.${path}`);
  });

  it('an archive from before a list was kept is read without it', async () => {
    const { client } = await everything();
    const files = unzipSync(new Uint8Array(await archive()));
    const name = `clients/${client.id}.json`;
    const { messages, ...file } = JSON.parse(strFromU8(files[name])).file;
    expect(messages).toEqual([]);
    await lose(client.id);
    const changed = zipSync({ ...files, [name]: strToU8(JSON.stringify({ file })) });
    expect((await restore(coach, Buffer.from(changed)).expect(200)).body.made).toBe(1);
    await coach.get(`/api/v1/clients/${client.id}/file`).expect(200);
  });
});

interface ArchivedClient {
  readonly file: Readonly<Record<'visits' | 'looks' | 'homeEntries', object[]>> & {
    readonly client: object;
  };
}

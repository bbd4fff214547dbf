import request from 'supertest';
import { tidySessions } from '../src/auth/tidySessions';
import { inPractice } from '../src/database/inPractice';
import {
  type Agent,
  makeWorld,
  newClient,
  newDrill,
  newLook,
  newVisit,
  PASSWORD,
  signIn,
  type World,
  write,
} from './world';

let world: World;
let ours: Agent;
let theirs: Agent;
const client = newClient();
const visit = newVisit(client.id);
const look = newLook(visit);
const drill = newDrill(visit);
const records = [
  ['clients', client],
  ['visits', visit],
  ['looks', look],
  ['drills', drill],
] as const;

beforeAll(async () => {
  world = await makeWorld();
  ours = await signIn(world, 'saltreach');
  theirs = await signIn(world, 'elsewhere');
  for (const [kind, record] of records)
    await ours.put(`/api/v1/${kind}/${record.id}`).send(write(record)).expect(201);
});
afterAll(() => world.close());

describe.each(records)('another practice and our %s', (kind, record) => {
  it('cannot read it: 404, not 403', async () => {
    await theirs.get(`/api/v1/${kind}/${record.id}`).expect(404);
  });

  it.each([1, 2])('cannot write it from version %p', async (version) => {
    await theirs.put(`/api/v1/${kind}/${record.id}`).send(write(record, version)).expect(404);
    const { body } = await ours.get(`/api/v1/${kind}/${record.id}`).expect(200);
    expect(body.record.version).toBe(1);
  });
});

it('another practice sees neither our file nor our list', async () => {
  await theirs.get(`/api/v1/clients/${client.id}/file`).expect(404);
  expect((await theirs.get('/api/v1/clients').expect(200)).body).toEqual({
    clients: [],
    next: null,
  });
});

it('what another practice writes under an id of ours is a record of its own', async () => {
  const said = { ...client, goal: 'theirs' };
  await theirs.put(`/api/v1/clients/${client.id}`).send(write(said)).expect(201);
  const goals = await Promise.all(
    [ours, theirs].map(async (who) => {
      const { body } = await who.get(`/api/v1/clients/${client.id}`).expect(200);
      return body.record.goal;
    }),
  );
  expect(goals).toEqual([client.goal, 'theirs']);
  await theirs.get(`/api/v1/visits/${visit.id}`).expect(404);
  await theirs.post(`/api/v1/clients/${client.id}/erase`).send({ name: said.name }).expect(204);
  await ours.get(`/api/v1/clients/${client.id}`).expect(200);
});

it('another practice cannot hang its records on our client', async () => {
  const foreign = newVisit(client.id);
  await theirs.put(`/api/v1/visits/${foreign.id}`).send(write(foreign)).expect(404);
});

it('the database itself shows nothing without a practice, and lets nothing be moved', async () => {
  expect(await world.source.query('SELECT * FROM client')).toEqual([]);
  expect(
    await world.source.query('SELECT * FROM coach').catch((error: Error) => error.message),
  ).toMatch(/permission denied/);
  const [saltreach, elsewhere] = world.practices;
  const steal = world.source.transaction(async (manager) => {
    await manager.query(`SELECT set_config('app.practice_id', $1, true)`, [saltreach.id]);
    await manager.query('UPDATE client SET practice_id = $1', [elsewhere.id]);
  });
  await expect(steal).rejects.toThrow(/row-level security/);
});

it('the application’s role owns nothing and cannot pass the policies', async () => {
  const [role] = await world.source.query(
    'SELECT rolsuper, rolbypassrls FROM pg_roles WHERE rolname = current_user',
  );
  expect(role).toEqual({ rolsuper: false, rolbypassrls: false });
  const owned = await world.source.query(
    `SELECT relname FROM pg_class WHERE relowner = (SELECT oid FROM pg_roles WHERE rolname = current_user)`,
  );
  expect(owned).toEqual([]);
});

describe('the door', () => {
  const api = () => request(world.app);

  it.each([
    '/api/v1/clients',
    `/api/v1/clients/${client.id}`,
    `/api/v1/clients/${client.id}/file`,
    '/api/v1/session',
  ])('%s needs a session', async (path) => {
    expect((await api().get(path).expect(401)).body.code).toBe('not-signed-in');
  });

  it('sets a cookie that scripts cannot read and other sites cannot send', async () => {
    const { headers } = await api()
      .post('/api/v1/session')
      .set('X-Taxikine', '1')
      .send({ email: 'coach@saltreach.example', password: PASSWORD })
      .expect(201);
    expect(headers['set-cookie'][0]).toMatch(/HttpOnly.*SameSite=Strict/i);
  });

  it.each([
    ['no header', {}],
    ['a foreign origin', { 'X-Taxikine': '1', Origin: 'https://elsewhere.example' }],
  ])('takes no write with %s', async (_name, headers) => {
    await api()
      .post('/api/v1/session')
      .set(headers)
      .send({ email: 'coach@saltreach.example', password: PASSWORD })
      .expect(403);
  });

  it('keeps no password and no token in the clear', async () => {
    const { headers } = await api()
      .post('/api/v1/session')
      .set('X-Taxikine', '1')
      .send({ email: 'coach@saltreach.example', password: PASSWORD });
    const token = /taxikine_session=([^;]+)/.exec(headers['set-cookie'][0])![1];
    const kept = await inPractice(world.owner, world.practices[0].id, async (manager) => ({
      hashes: (await manager.query('SELECT password_hash FROM coach')) as {
        password_hash: string;
      }[],
      tokens: (await manager.query('SELECT token_hash FROM session')) as { token_hash: Buffer }[],
    }));
    expect(kept.hashes).toEqual([{ password_hash: expect.stringMatching(/^\$argon2id\$/) }]);
    expect(kept.tokens.length).toBeGreaterThan(0);
    expect(kept.tokens.some((row) => row.token_hash.toString().includes(token))).toBe(false);
  });

  it('does not take one coach’s write in the session of another', async () => {
    const mine = newClient();
    const put = (coach: string) =>
      ours.put(`/api/v1/clients/${mine.id}`).set('X-Taxikine-Coach', coach).send(write(mine));
    await put(world.practices[1].coaches[0].id).expect(401);
    await put(world.practices[0].coaches[0].id).expect(201);
  });

  it('signs out for good', async () => {
    const agent = await signIn(world, 'saltreach');
    await agent.delete('/api/v1/session').expect(204);
    await agent.get('/api/v1/clients').expect(401);
  });

  it('turns away an expired session', async () => {
    const agent = await signIn(world, 'elsewhere');
    await world.owner.transaction(async (manager) => {
      await manager.query(`SELECT set_config('app.practice_id', $1, true)`, [
        world.practices[1].id,
      ]);
      await manager.query(`UPDATE session SET expires_at = now() - interval '1 second'`);
    });
    await agent.get('/api/v1/clients').expect(401);
  });

  it('sessions that have run out are let go of', async () => {
    const count = () =>
      inPractice(world.source, world.practices[1].id, async (manager) => {
        const [{ n }] = await manager.query('SELECT count(*)::int AS n FROM session');
        return n;
      });
    const tidyAt = (days: number) =>
      inPractice(world.source, world.practices[1].id, (manager) =>
        tidySessions(manager, new Date(Date.now() + days * 86_400_000)),
      );
    await signIn(world, 'elsewhere');
    await tidyAt(13);
    expect(await count()).toBeGreaterThan(0);
    await tidyAt(15);
    expect(await count()).toBe(0);
  });

  it('believes nobody about where a request is from, but the proxies it was told of', async () => {
    const tries = [];
    for (let i = 0; i < 11; i++)
      tries.push(
        await api()
          .post('/api/v1/session')
          .set({ 'X-Taxikine': '1', 'X-Forwarded-For': `10.0.0.${i}` })
          .send({ email: 'coach@saltreach.example', password: 'wrong' })
          .then(({ status }) => status),
      );
    expect(tries).toEqual([...Array(10).fill(401), 429]);
  });
});

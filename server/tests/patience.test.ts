import { Client } from 'pg';
import { inPractice } from '../src';
import { translated } from '../src/database/databaseErrors';
import { SERVING, WORKING } from '../src/database/sources';
import { coach, keep, newClient, put, stranger, useWorld, world } from './world';

const PATIENCE = { connection: 400, statement: 900, lock: 300, idle: 600, commit: 5000 };

useWorld({ patience: PATIENCE });

const own = <T>(work: Parameters<typeof inPractice<T>>[2]) =>
  inPractice(world.source, world.practices[0].id, work);

/** Holds something until it is let go. */
function held(work: (until: Promise<void>) => Promise<unknown>) {
  let letGo: () => void = () => undefined;
  const until = new Promise<void>((resolve) => (letGo = resolve));
  const ended = work(until);
  return async () => {
    letGo();
    await ended;
  };
}

/** Holds the row of a client until it is let go; the owner's connection is as patient as it likes. */
async function holding(clientId: string) {
  let isHeld: () => void = () => undefined;
  const begun = new Promise<void>((resolve) => (isHeld = resolve));
  const letGo = held((until) =>
    world.owner.transaction(async (manager) => {
      await manager.query(`SELECT set_config('app.practice_id', $1, true)`, [
        world.practices[0].id,
      ]);
      await manager.query('SELECT 1 FROM client WHERE id = $1 FOR UPDATE', [clientId]);
      isHeld();
      await until;
    }),
  );
  await begun;
  return letGo;
}

const inTime = async <T extends { status: number; body: { code: string } }>(
  answer: PromiseLike<T>,
) => {
  const began = performance.now();
  const { status, body } = await answer;
  return { status, code: body.code, ms: performance.now() - began };
};

it('a row that somebody holds is waited for a while, and the app is told to ask again', async () => {
  const client = newClient();
  await keep('clients', client);
  const letGo = await holding(client.id);
  const answer = await inTime(put('clients', { ...client, goal: 'to squat' }, 1));
  expect(answer).toMatchObject({ status: 503, code: 'busy' });
  expect(answer.ms).toBeLessThan(5000);
  await letGo();
  await put('clients', { ...client, goal: 'to squat' }, 1).expect(200);
});

it('with every connection taken, others are told and do not hang', async () => {
  const runners = await Promise.all(
    Array.from({ length: 12 }, async () => {
      const runner = world.source.createQueryRunner();
      await runner.connect();
      return runner;
    }),
  );
  const answer = await inTime(coach.get('/api/v1/clients'));
  expect(answer).toMatchObject({ status: 503, code: 'busy' });
  expect(answer.ms).toBeLessThan(5000);
  await Promise.all(runners.map((runner) => runner.release()));
  await coach.get('/api/v1/clients').expect(200);
});

it('a statement that does not end is ended', async () => {
  await expect(own((manager) => manager.query('SELECT pg_sleep(30)'))).rejects.toMatchObject({
    driverError: { code: '57014' },
  });
});

it('a transaction that does nothing is let go of', async () => {
  const idling = own(async (manager) => {
    await new Promise((resolve) => setTimeout(resolve, 2 * PATIENCE.idle));
    await manager.query('SELECT 1');
  });
  await expect(idling).rejects.toThrow();
  await coach.get('/api/v1/clients').expect(200);
});

it('a line that goes between two questions is told as trouble that passes', async () => {
  const cut = own(async ({ queryRunner }) => {
    const runner = queryRunner!;
    const [{ pid }] = await runner.query('SELECT pg_backend_pid() AS pid');
    const admin = new Client({ connectionString: process.env.TEST_ADMIN_URL });
    await admin.connect();
    await admin.query('SELECT pg_terminate_backend($1)', [pid]);
    await admin.end();
    while (!runner.isReleased) await new Promise(setImmediate);
    await runner.query('SELECT 1');
  });
  const raised = await cut.catch((error: unknown) => error);
  expect(translated(raised)).toMatchObject({ status: 503, shape: { code: 'database-away' } });
  await coach.get('/api/v1/clients').expect(200);
});

it('who serves is less patient than the app, who works in the background more', () => {
  const APP_WAITS_MS = 15_000;
  expect(SERVING.connection).toBeLessThan(APP_WAITS_MS);
  expect(SERVING.statement).toBeLessThan(APP_WAITS_MS);
  expect(SERVING.commit).toBeLessThan(APP_WAITS_MS);
  for (const what of ['connection', 'statement', 'lock', 'idle', 'commit'] as const)
    expect(WORKING[what]).toBeGreaterThan(SERVING[what]);
});

it('one coach who asks for very much at once waits for themselves, and nobody else does', async () => {
  const client = newClient();
  await keep('clients', client);
  const letGo = await holding(client.id);
  const asked = Array.from({ length: 40 }, (_, i) =>
    put('clients', { ...client, goal: `${i}` }, 1).then(({ status }) => status),
  );
  const answered: string[] = [];
  for (const one of asked) void one.then(() => answered.push('who asked for much'));
  await stranger.get('/api/v1/clients').expect(200);
  answered.push('somebody else');
  expect(answered[0]).toBe('somebody else');
  await letGo();
  const told = await Promise.all(asked);
  expect(told.filter((status) => status === 200)).toHaveLength(1);
  expect(told.filter((status) => ![200, 409, 503].includes(status))).toEqual([]);
});

it('what waited for its turn is answered, and what is too much is told to ask again', async () => {
  const answers = await Promise.all(
    Array.from({ length: 80 }, () => coach.get('/api/v1/clients').then(({ status }) => status)),
  );
  const told = answers.filter((status) => status === 503).length;
  expect(answers.filter((status) => status === 200).length).toBe(80 - told);
  expect(told).toBeLessThanOrEqual(80 - 64);
  await coach.get('/api/v1/clients').expect(200);
});

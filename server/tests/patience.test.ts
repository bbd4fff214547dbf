import { Client } from 'pg';
import { inPractice } from '../src';
import { translated } from '../src/database/databaseErrors';
import { SERVING, WORKING } from '../src/database/sources';
import { coach, keep, newClient, put, useWorld, world } from './world';

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
  let isHeld: () => void = () => undefined;
  const holding = new Promise<void>((resolve) => (isHeld = resolve));
  // The owner's connection is as patient as it likes.
  const letGo = held((until) =>
    world.owner.transaction(async (manager) => {
      await manager.query(`SELECT set_config('app.practice_id', $1, true)`, [
        world.practices[0].id,
      ]);
      await manager.query('SELECT 1 FROM client WHERE id = $1 FOR UPDATE', [client.id]);
      isHeld();
      await until;
    }),
  );
  await holding;
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

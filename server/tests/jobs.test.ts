import { setTimeout as delay } from 'node:timers/promises';
import { inPractice } from '../src';
import { Paper } from '../src/database/entities/Paper';
import { BATCH_HANDLERS, HANDLERS } from '../src/worker/handlers';
import { QUEUES, type JobData, type QueueName } from '../src/jobs/queues';
import { sendJob } from '../src/jobs/sendJob';
import { tidyPapers } from '../src/papers/tidyPapers';
import {
  coach,
  fileFrom,
  keep,
  makeWorld,
  newClient,
  newLook,
  newPlan,
  newVisit,
  signIn,
  stranger,
  TestSender,
  useWorld,
  workOn,
  world,
  write,
} from './world';

useWorld();

const NOW = new Date('2026-11-23T12:00:00.000Z');
async function withVisit() {
  const client = newClient({ contact: { email: 'maren@quay.example', reminders: false } });
  const visit = newVisit(client.id);
  await keep('clients', client);
  await keep('visits', visit);
  await keep('looks', newLook(visit));
  return { client, visit };
}

const practiceId = () => world.practices[0].id;

const inOwn = <T>(work: Parameters<typeof inPractice<T>>[2]) =>
  inPractice(world.source, practiceId(), work);

/** Jobs of a queue as they stand, seen by their owner. */
const jobsOf = (queue: QueueName): Promise<{ id: string; state: string; retry_count: number }[]> =>
  world.owner.query('SELECT id, state, retry_count FROM pgboss.job WHERE name = $1', [queue]);

async function until<T>(look: () => Promise<T>, is: (value: T) => boolean): Promise<T> {
  for (let i = 0; i < 250; i++) {
    const value = await look();
    if (is(value)) return value;
    await delay(100);
  }
  throw new Error('it did not come to that');
}

it('every queue has a row, a handler and a place in the database', async () => {
  const names = QUEUES.map(({ name }) => name).sort();
  expect([...Object.keys(HANDLERS), ...Object.keys(BATCH_HANDLERS)].sort()).toEqual(names);
  const made: { name: string }[] = await world.owner.query(
    `SELECT name FROM pgboss.queue WHERE name NOT LIKE '\\_\\_%' ORDER BY name`,
  );
  expect(made.map(({ name }) => name).sort()).toEqual(names);
  const [{ cron }] = await world.owner.query('SELECT cron FROM pgboss.schedule');
  expect(cron).toBe('7 * * * *');
});

it('the serving role makes no queue and no table among the jobs', async () => {
  await expect(world.source.query(`SELECT pgboss.create_queue('mine', '{}')`)).rejects.toThrow(
    /permission denied/,
  );
});

it('a job belongs to the write that asked for it: with a write that fails there is none', async () => {
  const data = { practiceId: practiceId(), clientId: crypto.randomUUID() };
  const before = (await jobsOf('roll-up')).length;
  await expect(
    inOwn(async (manager) => {
      await sendJob(manager, 'roll-up', data, { key: data.clientId });
      throw new Error('the write fails');
    }),
  ).rejects.toThrow('the write fails');
  expect(await jobsOf('roll-up')).toHaveLength(before);
});

describe('without a worker', () => {
  it('a paper is asked for once, however often it is fetched, and the answer says it is not ready', async () => {
    const impatient = await makeWorld({ madeWithinMs: 300 });
    try {
      const agent = await signIn(impatient, 'saltreach');
      const client = newClient();
      const visit = newVisit(client.id);
      const records = { clients: client, visits: visit, looks: newLook(visit) };
      for (const [kind, record] of Object.entries(records))
        await agent.put(`/api/v1/${kind}/${record.id}`).send(write(record)).expect(201);
      for (let i = 0; i < 3; i++) {
        const { body } = await agent.get(`/api/v1/visits/${visit.id}/report.pdf`).expect(503);
        expect(body).toMatchObject({ code: 'still-making' });
      }
      const jobs = await impatient.owner.query(
        `SELECT state FROM pgboss.job WHERE name = 'make-paper'`,
      );
      expect(jobs).toEqual([{ state: 'created' }]);
      // It is stuck once it has waited too long; another practice does not hear of it.
      await impatient.owner.query(
        `UPDATE pgboss.job SET created_on = now() - interval '5 minutes', start_after = now() - interval '5 minutes'`,
      );
      const { body } = await agent.get('/api/v1/jobs').expect(200);
      expect(body).toMatchObject({
        working: false,
        underWay: 0,
        stuck: [{ queue: 'make-paper', clientId: client.id, state: 'waiting', problem: null }],
        names: { [client.id]: client.name },
      });
      const other = await signIn(impatient, 'elsewhere');
      expect((await other.get('/api/v1/jobs').expect(200)).body.stuck).toEqual([]);
      // A worker that comes late finds it.
      const endWork = await workOn(impatient);
      const { bytes } = await (async () => {
        await until(
          () =>
            impatient.owner.query(
              `SELECT 1 FROM pgboss.job WHERE state = 'completed' AND name = 'make-paper'`,
            ),
          (rows: unknown[]) => rows.length === 1,
        );
        return fileFrom(agent, `/api/v1/visits/${visit.id}/report.pdf`);
      })();
      expect(bytes.subarray(0, 5).toString()).toBe('%PDF-');
      expect((await agent.get('/api/v1/jobs').expect(200)).body).toMatchObject({ stuck: [] });
      await endWork();
    } finally {
      await impatient.close();
    }
  });
});

describe('with a worker', () => {
  const sender = new TestSender();
  let endWork: () => Promise<void>;
  beforeAll(async () => {
    endWork = await workOn(world, sender);
  });
  afterAll(() => endWork());

  it('says that it works', async () => {
    const { body } = await coach.get('/api/v1/jobs').expect(200);
    expect(body.working).toBe(true);
  });

  it('the same paper is made once; a changed one is made anew; old ones are let go', async () => {
    const { visit } = await withVisit();
    const path = `/api/v1/visits/${visit.id}/report.pdf`;
    const papers = () => inOwn((manager) => manager.find(Paper, { select: { id: true } }));
    const before = (await papers()).length;
    const [one, two] = await Promise.all([fileFrom(coach, path), fileFrom(coach, path)]);
    expect(one.bytes.equals(two.bytes)).toBe(true);
    expect(await papers()).toHaveLength(before + 1);
    await keep('visits', { ...visit, minutes: 20 } as { id: string }, 1);
    await fileFrom(coach, path);
    expect(await papers()).toHaveLength(before + 2);
    await inOwn((manager) => tidyPapers(manager, new Date(NOW.getTime() + 3_600_000)));
    expect(await papers()).toHaveLength(before + 2);
    await inOwn((manager) => tidyPapers(manager, new Date(NOW.getTime() + 3_600_001)));
    expect(await papers()).toHaveLength(0);
    // Gone, and its job is over: it is made again.
    expect((await fileFrom(coach, path)).bytes.length).toBeGreaterThan(1000);
    await stranger.get(path).expect(404);
  });

  it('a handler that was done twice has done it once', async () => {
    const { visit, client } = await withVisit();
    const plan = newPlan(visit);
    await keep('homePlans', plan);
    const asked = { practiceId: practiceId(), clientId: client.id };
    const using = {
      source: world.source,
      sender,
      now: () => NOW,
      publicUrl: 'https://rooms.example',
    };
    const paper = { ...asked, paper: 'handout', visitId: null, large: false } as const;
    const data: JobData = {
      'every-hour': {},
      remind: asked,
      tidy: asked,
      'roll-up-practice': asked,
      'roll-up': asked,
      'send-letter': { ...asked, messageId: crypto.randomUUID() },
      'forget-letters': { practiceId: practiceId(), letters: [] },
      'make-paper': paper,
      'make-archive': { ...asked, archiveId: crypto.randomUUID() },
      'put-back': { ...asked, restoreId: crypto.randomUUID() },
      'reset-letter': { ...asked, coachId: crypto.randomUUID(), letterId: crypto.randomUUID() },
      'warn-coach': {
        ...asked,
        coachId: world.practices[0].coaches[0].id,
        warningId: crypto.randomUUID(),
      },
    };
    const handlers: Readonly<Record<string, (data: never, using: never) => Promise<unknown>>> = {
      ...HANDLERS,
      'roll-up': (one: JobData['roll-up']) => BATCH_HANDLERS['roll-up']([one], using),
    };
    for (const { name } of QUEUES)
      for (let i = 0; i < 2; i++) await handlers[name](data[name] as never, using as never);
    const [{ count }] = await inOwn((manager) =>
      manager.query('SELECT count(*)::int FROM paper WHERE client_id = $1', [client.id]),
    );
    expect(count).toBe(1);
  });

  it('a try that fails is tried again; one that fails to the end is shown with its reason, and again on request', async () => {
    const { client, visit } = await withVisit();
    const plan = newPlan(visit);
    await keep('homePlans', plan);
    let tries = 0;
    sender.answer = () => {
      tries++;
      return Promise.reject(new Error('the mail service is away'));
    };
    const message = {
      id: crypto.randomUUID(),
      clientId: client.id,
      kind: 'plan-ready',
      planId: plan.id,
      dueOn: null,
      askedOn: NOW.toISOString(),
    };
    await keep('messages', message);
    const { body } = await until(
      () => coach.get('/api/v1/jobs').expect(200),
      ({ body }) => body.stuck.length > 0,
    );
    const [{ id: job }] = body.stuck;
    expect(body.stuck).toMatchObject([
      { queue: 'send-letter', state: 'retrying', problem: 'the mail service is away', tries: 1 },
    ]);
    await world.owner.query(
      `UPDATE pgboss.job SET retry_count = retry_limit - 1, start_after = now() WHERE id = $1`,
      [job],
    );
    const failed = await until(
      () => coach.get('/api/v1/jobs').expect(200),
      ({ body }) => body.stuck[0]?.state === 'failed',
    );
    expect(failed.body.names[client.id]).toBe(client.name);
    expect(tries).toBe(2);
    await stranger.post(`/api/v1/jobs/${job}/again`).expect(409);
    sender.answer = async () => ({ status: 'sent' });
    await coach.post(`/api/v1/jobs/${job}/again`).expect(204);
    await until(
      () => coach.get(`/api/v1/messages/${message.id}`).expect(200),
      ({ body }) => body.record.delivery?.state === 'sent',
    );
    await coach.post(`/api/v1/jobs/${job}/again`).expect(409);
    expect((await coach.get('/api/v1/jobs').expect(200)).body.stuck).toEqual([]);
  });

  it('a job whose worker died under it is given out again when its time is over', async () => {
    const { client } = await withVisit();
    const id = crypto.randomUUID();
    await world.owner.query(
      `INSERT INTO pgboss.job (id, name, data, state, started_on, expire_in, retry_limit, policy)
       VALUES ($1, 'roll-up', $2, 'active', now() - interval '10 minutes', interval '60 seconds', 3, 'short')`,
      [id, { practiceId: practiceId(), clientId: client.id }],
    );
    const job = await until(
      async () => (await jobsOf('roll-up')).find((one) => one.id === id),
      (one) => one?.state === 'completed',
    );
    expect(job?.retry_count).toBe(1);
  });
});

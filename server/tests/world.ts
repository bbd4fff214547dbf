import { ANKLE_AND_PATTERN, MADE_UP_NOW, newPlan as newPatternPlan } from '../../core/tests/madeUp';
import { pino } from 'pino';
import request from 'supertest';
import type { DataSource } from 'typeorm';
import {
  appSource,
  ChangeFeed,
  createApp,
  inPractice,
  makePractice,
  ownerSource,
  startWorker,
  type Letter,
  type Sender,
  type Sending,
} from '../src';
import { makeArchive } from '../src/archives/makeArchive';
import { beginSession, maybeCoachBy } from '../src/auth/sessions';
import type { SingleQueue } from '../src/worker/handlers';
import type { JobData } from '../src/jobs/queues';
import type { Patience } from '../src/database/sources';
import { freshDatabase } from './template';

export const PASSWORD = 'a-long-password';

interface WorldOptions {
  /** See `AppOptions`. */
  readonly madeWithinMs?: number;
  readonly proxies?: number;
  readonly secure?: boolean;
  readonly patience?: Patience;
}

/** A fresh database of its own with two practices, and the application on it. */
export async function makeWorld({
  madeWithinMs = 8000,
  proxies,
  secure = false,
  patience,
}: WorldOptions = {}) {
  const admin = process.env.TEST_ADMIN_URL;
  if (!admin) throw new Error('TEST_ADMIN_URL is not set: run the server tests with npm test');
  const databases = await freshDatabase(admin);
  const owner = await ownerSource(databases.ownerUrl).initialize();
  const practices = ['saltreach', 'elsewhere'].map((key) => ({
    id: crypto.randomUUID(),
    name: key,
    coaches: [
      { id: crypto.randomUUID(), name: key, email: `coach@${key}.example`, password: PASSWORD },
    ],
  }));
  for (const practice of practices) await makePractice(owner, practice);
  const source = await appSource(databases.appUrl, patience).initialize();
  const log = pino({ level: 'silent' });
  const changes = new ChangeFeed(databases.appUrl, log);
  const app = createApp({
    source,
    log,
    changes,
    now: () => NOON,
    dist: '/nowhere',
    secure,
    madeWithinMs,
    proxies,
  });
  const close = async () => {
    changes.end();
    await Promise.all([source.destroy(), owner.destroy()]);
  };
  return { app, source, owner, practices, databases, changes, close };
}

export let world: World;
/** A coach of the first practice, signed in; and one of the other. */
export let coach: Agent;
export let stranger: Agent;

/** Runs beside a world; what ends it comes back. */
type Beside = (world: World) => Promise<() => Promise<unknown>>;

/** Gives a file of tests a world of its own, as `world`, `coach` and `stranger`. */
export function useWorld({ beside, ...options }: WorldOptions & { beside?: Beside } = {}): void {
  let end: (() => Promise<unknown>) | undefined;
  beforeAll(async () => {
    world = await makeWorld(options);
    coach = await signIn(world, 'saltreach');
    stranger = await signIn(world, 'elsewhere');
    end = await beside?.(world);
  });
  afterAll(async () => {
    await end?.();
    await world.close();
  });
}

/** A mail service of the test's own: what it took, and how it answers next. */
export class TestSender implements Sender {
  readonly letters: Letter[] = [];
  readonly forgotten: string[] = [];
  answer: () => Promise<Sending> = async () => ({ status: 'sent' });

  async send(letter: Letter): Promise<Sending> {
    const sending = await this.answer();
    if (sending.status === 'sent') this.letters.push(letter);
    return sending;
  }

  async forget(ids: readonly string[]): Promise<void> {
    this.forgotten.push(...ids);
  }
}

/** The worker on a world's database, in this process. */
export const workOn = (
  { source, databases }: World,
  sender: Sender = new TestSender(),
  now: () => Date = () => NOON,
) =>
  startWorker({
    source,
    appUrl: databases.appUrl,
    log: pino({ level: 'silent' }),
    now,
    sender,
    publicUrl: 'https://rooms.example',
  });

export type World = Awaited<ReturnType<typeof makeWorld>>;

/** A signed-in coach: requests with the cookie and the header that writes need. */
/** @param device what it says of itself */
export async function signIn(world: World, practice: string, device = '') {
  const agent = request.agent(world.app).set({ 'X-Taxikine': '1', 'User-Agent': device });
  await agent
    .post('/api/v1/session')
    .send({ email: `coach@${practice}.example`, password: PASSWORD })
    .expect(201);
  return agent;
}

/** The token of a coach who is let in, where it is looked at by itself. */
export async function tokenOf({ source }: World, practice: string): Promise<string> {
  const coach = await maybeCoachBy(source, `coach@${practice}.example`, PASSWORD);
  if (!coach) throw new Error('the password does not fit');
  return inPractice(source, coach.practiceId, (manager) =>
    beginSession(manager, { ...coach, agent: '' }),
  );
}

/** A file that the server makes, whole. */
export async function fileFrom(agent: Agent, path: string, status = 200) {
  const { body, headers } = await agent
    .get(path)
    .buffer(true)
    .parse((response, done) => {
      const parts: Buffer[] = [];
      response.on('data', (part: Buffer) => parts.push(part));
      response.on('end', () => done(null, Buffer.concat(parts)));
    })
    .expect(status);
  return { bytes: body as Buffer, headers };
}

/**
 * Does the next job of a queue, as soon as it is given out, and leaves every other where it is. It is under way until it
 * is done, as with a worker: who waits for it would ask for another one.
 */
export async function runNext<Q extends SingleQueue>(
  { source, owner }: World,
  queue: Q,
  handle: (data: JobData[Q], source: DataSource) => Promise<void>,
): Promise<void> {
  for (;;) {
    const [[job]] = await owner.query(
      `UPDATE pgboss.job SET state = 'active' WHERE id =
         (SELECT id FROM pgboss.job WHERE name = $1 AND state = 'created' LIMIT 1) RETURNING id, data`,
      [queue],
    );
    if (job)
      return handle(job.data, source).finally(() =>
        owner.query(`UPDATE pgboss.job SET state = 'completed' WHERE name = $1 AND id = $2`, [
          queue,
          job.id,
        ]),
      );
    await new Promise((resolve) => setTimeout(resolve, 20));
  }
}

export const NOON = new Date('2026-11-23T12:00:00.000Z');

/** Packs the next archive that is asked for. */
export const packNext = (world: World, handle = makeArchive): Promise<void> =>
  runNext(world, 'make-archive', (data, source) => handle(source, data, NOON));

export type Agent = Awaited<ReturnType<typeof signIn>>;

export const write = (record: object, version = 0, writeId: string = crypto.randomUUID()) => ({
  writeId,
  version,
  record,
});

/** Writes a record as the coach. */
export const put = <T extends { id: string }>(
  kind: string,
  record: T,
  version = 0,
  writeId?: string,
) => coach.put(`/api/v1/${kind}/${record.id}`).send(write(record, version, writeId));

/** Writes a record as the coach, who is not refused. */
export const keep = <T extends { id: string }>(kind: string, record: T, version = 0) =>
  put(kind, record, version).expect(version ? 200 : 201);

export { newClient, newDrill, newLook, newVisit, SHARP_KNEE } from '../../core/tests/madeUp';

/** The ankle's drill and the pattern, with a word of the coach's. */
export const newPlan: typeof newPatternPlan = (visit, part) =>
  newPatternPlan(visit, {
    kit: ['wall', 'mat'],
    drills: ANKLE_AND_PATTERN,
    note: 'Calm and often.',
    madeOn: MADE_UP_NOW,
    ...part,
  });

import { test as base, type Page } from '@playwright/test';
import type { ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { rmSync } from 'node:fs';
import { freePort } from '../scripts/lib/ports.mjs';
import { scratchFolder } from '../scripts/lib/scratch.mjs';
import { startServer, startWorker } from '../scripts/lib/serverProcess.mjs';
import { STRANGER } from './people';
import { copyOfTemplate } from './template';

export { STRANGER };
export const ILSE = { email: 'ilse@saltreach.example', password: 'low-tide-42' };

/** Gone at once, as in a power cut. */
async function killed(child: ChildProcess | null): Promise<void> {
  if (!child) return;
  const gone = new Promise((resolve) => child.once('exit', resolve));
  child.kill('SIGKILL');
  await gone;
}

/** The real thing: demo practice and a second one in a database of its own, and a server to kill. */
export class World {
  private child: ChildProcess | null = null;
  private worker: ChildProcess | null = null;
  /** Letters that went out, a file each. */
  readonly outbox: string = scratchFolder('outbox');

  constructor(
    readonly appUrl: string,
    readonly port: number,
  ) {}

  get url(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  async start(): Promise<void> {
    this.child = await startServer({ port: this.port, appUrl: this.appUrl, logLevel: 'silent' });
  }

  /** Another build, served beside the app until it is ended. */
  async beside(dist: string): Promise<{ url: string; end: () => Promise<void> }> {
    const port = await freePort(this.port + 1);
    const child = await startServer({ port, appUrl: this.appUrl, dist, logLevel: 'silent' });
    return { url: `http://127.0.0.1:${port}`, end: () => killed(child) };
  }

  /** Stands still: requests reach it and get no answer. */
  freeze(): void {
    this.child?.kill('SIGSTOP');
  }

  async kill(): Promise<void> {
    await killed(this.child);
    this.child = null;
  }

  async startWorker(): Promise<void> {
    const { appUrl, url: publicUrl, outbox } = this;
    this.worker = await startWorker({ appUrl, publicUrl, outbox, logLevel: 'silent' });
  }

  async killWorker(): Promise<void> {
    await killed(this.worker);
    this.worker = null;
  }

  async end(): Promise<void> {
    await Promise.all([this.kill(), this.killWorker()]);
    rmSync(this.outbox, { recursive: true, force: true });
  }
}

/** Where the app is reached; a world is at one, and what stands in front of servers is, too. */
export type Place = Pick<World, 'url'>;

/** Ports of one worker of the tests; no two workers ask for the same. */
const PORTS_EACH = 50;
const portOf = (workerIndex: number): Promise<number> => freePort(28000 + PORTS_EACH * workerIndex);

async function makeWorld(workerIndex: number): Promise<World> {
  const world = new World(await copyOfTemplate(), await portOf(workerIndex));
  await Promise.all([world.start(), world.startWorker()]);
  return world;
}

/** One world a worker: tests of one file share it and each takes a client of its own. */
export const test = base.extend<object, { world: World }>({
  world: [
    // eslint-disable-next-line no-empty-pattern
    async ({}, use, { workerIndex }) => {
      const world = await makeWorld(workerIndex);
      await use(world);
      await world.end();
    },
    { scope: 'worker', timeout: 300_000 },
  ],
});

export { expect } from '@playwright/test';

/** Through the door, by hand. */
export async function signInByHand(page: Page, world: Place, who = ILSE): Promise<void> {
  await page.goto(world.url);
  await page.getByLabel('E-mail').fill(who.email);
  await page.getByLabel('Password').fill(who.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.getByRole('heading', { name: 'Loose ends' }).waitFor();
}

/** Signed in as the page itself would be, with nothing opened yet: each opening is two seconds of a processor. */
export async function letIn(page: Page, world: Place, who = ILSE): Promise<void> {
  const answer = await page.request.post(`${world.url}/api/v1/session`, {
    headers: { 'X-Taxikine': '1' },
    data: who,
  });
  if (!answer.ok()) throw new Error(await answer.text());
}

/** Signed in, and the day open, without the form of the door: that one is tried where it is what matters. */
export async function signIn(page: Page, world: Place, who = ILSE): Promise<void> {
  await letIn(page, world, who);
  await page.goto(world.url);
  await page.getByRole('heading', { name: 'Loose ends' }).waitFor();
}

/** A button by its whole name. */
export const button = (page: Page, name: string | RegExp) =>
  typeof name === 'string'
    ? page.getByRole('button', { name, exact: true })
    : page.getByRole('button', { name });

/** Opens the sheet of the coach and the practice, on the coach's day, and takes one of its ways. */
export async function takeFromHouse(page: Page, name: string | RegExp): Promise<void> {
  await button(page, 'You and the practice').click();
  await button(page, name).click();
}

/** Everything the server keeps about a client, through the page's own session; the oldest visit first. */
export async function fileOf(page: Page, world: Place, clientId: string) {
  const answer = await page.request.get(`${world.url}/api/v1/clients/${clientId}/file`);
  const file = await answer.json();
  // The server goes by ids, and those of a visit that another test began are made by chance.
  file.visits?.sort((a: { openedOn: string }, b: { openedOn: string }) =>
    a.openedOn.localeCompare(b.openedOn),
  );
  return file;
}

/** Id of a demo client by the beginning of the name. */
export async function clientNamed(page: Page, world: World, name: string): Promise<string> {
  const { clients } = await (await page.request.get(`${world.url}/api/v1/clients`)).json();
  return clients.find((line: { client: { name: string } }) => line.client.name.startsWith(name))
    .client.id;
}

/** A client of the test's own, so that tests of one world do not meet. */
export async function makeClient(page: Page, world: Place, name: string): Promise<string> {
  const id = randomUUID();
  const consent = { on: '2026-01-01', wording: '2026-1', guardian: null };
  const record = {
    id,
    name,
    about: 'in a test',
    heightM: 1.75,
    massKg: 75,
    segments: {},
    flags: [],
    history: [],
    given: [],
    consent,
    clearances: [],
  };
  const data = { writeId: randomUUID(), version: 0, record };
  const answer = await page.request.put(`${world.url}/api/v1/clients/${id}`, {
    headers: { 'X-Taxikine': '1' },
    data,
  });
  if (!answer.ok()) throw new Error(await answer.text());
  return id;
}

export const coachIdOn = (page: Page): Promise<string> =>
  page.evaluate(() => JSON.parse(localStorage.getItem('taxikine/session')!).coach.id);

/** Everything that a device has kept of the server's answers, as text; those to whoever is signed in by default. */
export const keptAnswers = async (page: Page, coachId?: string): Promise<string> =>
  page.evaluate(
    (id) =>
      new Promise<string>((resolve, reject) => {
        const opening = indexedDB.open(`taxikine-answers-${id}`);
        opening.onerror = () => reject(opening.error);
        opening.onsuccess = () => {
          const reading = opening.result.transaction('answers').objectStore('answers').getAll();
          reading.onerror = () => reject(reading.error);
          reading.onsuccess = () => {
            opening.result.close();
            resolve(JSON.stringify(reading.result));
          };
        };
      }),
    coachId ?? (await coachIdOn(page)),
  );

/** Waits until nothing is left to send. */
export const allSent = (page: Page) =>
  page.getByText(/kept on this device/).waitFor({ state: 'hidden' });

/** Writes a record through the page's own session, as another device would. */
export async function putRecord(
  page: Page,
  world: World,
  kind: string,
  record: { id: string },
): Promise<void> {
  const data = { writeId: randomUUID(), version: 0, record };
  const answer = await page.request.put(`${world.url}/api/v1/${kind}/${record.id}`, {
    headers: { 'X-Taxikine': '1' },
    data,
  });
  if (!answer.ok()) throw new Error(await answer.text());
}

const DAY_MS = 86_400_000;

/** A split visit of a client so many days ago, looked at and at its work; with checks taken in it. */
export async function visitAtWork(
  page: Page,
  world: World,
  clientId: string,
  { daysAgo, checks = [] }: { daysAgo: number; checks?: object[] },
): Promise<string> {
  const on = new Date(Date.now() - daysAgo * DAY_MS).toISOString();
  const [id, of] = [randomUUID(), { clientId }];
  await putRecord(page, world, 'visits', {
    id,
    ...of,
    pattern: 'split',
    openedOn: on,
    closedOn: null,
    step: 'work',
    asks: [{ on, positives: [] }],
    minutes: 15,
    next: 'rest',
  } as { id: string });
  await putRecord(page, world, 'looks', {
    id: randomUUID(),
    ...of,
    visitId: id,
    role: 'first',
    setup: { ...STEP_SETUP },
    faults: [{ fault: 'rear-hip-stops', side: 'right', phase: 'bottom', grade: 'slight' }],
    clear: ['knee-in', 'knee-wobbles'],
    pain: [],
    rating: 'medium',
    reps: [],
    notes: [],
    hold: null,
    recordings: [],
    startedOn: on,
  } as { id: string });
  for (const check of checks)
    await putRecord(page, world, 'checks', {
      ...NOTHING,
      id: randomUUID(),
      ...of,
      visitId: id,
      role: 'first',
      doneOn: on,
      removed: false,
      ...check,
    } as { id: string });
  return id;
}

/** A client of the test's own, with the plan for home that a demo client has, on every day of the week. */
export async function clientWithPlan(page: Page, world: World, name: string): Promise<string> {
  const { homePlans } = await fileOf(page, world, await clientNamed(page, world, 'Marguerite'));
  const { version: _, ...plan } = homePlans[0];
  const clientId = await makeClient(page, world, name);
  const visitId = await visitAtWork(page, world, clientId, { daysAgo: 1 });
  const days = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];
  const own = { id: randomUUID(), clientId, visitId, days, endedOn: null, answers: [] };
  await putRecord(page, world, 'homePlans', { ...plan, ...own });
  return clientId;
}

const STEP_SETUP = {
  stanceCm: 20,
  toeOutDeg: { left: 0, right: 0 },
  heelLiftMm: 0,
  front: 'left',
  stepCm: 75,
  arms: 'sides',
  hands: 'free',
  load: { at: 'none', kg: 0 },
  tempo: 'own',
  shoes: 'bare',
};

/** What a check holds before anything was measured. */
const NOTHING = {
  passive: null,
  active: null,
  braced: null,
  result: null,
  felt: null,
  pinch: null,
};

import {
  homeDrillsOf,
  type DoseEntry,
  type HomeEntry,
  type HomePage,
  type HomePlanRecord,
} from '@taxikine/core';
import request from 'supertest';
import {
  coach,
  newClient,
  newDrill,
  newPlan,
  newVisit,
  NOON,
  signIn,
  useWorld,
  world,
  write,
} from './world';
import { newDose } from '../../core/tests/madeUp';

useWorld();

// The world's clock stands at Monday, 2026-11-23.
const TODAY = '2026-11-23';

/** A client with a plan at home, and an open link to it. */
async function atHome(part: Partial<HomePlanRecord> = {}, as = coach) {
  const client = newClient({ name: 'Maren Holt', flags: ['hypermobility'] });
  const visit = newVisit(client.id);
  const plan = newPlan(visit, part);
  await as.put(`/api/v1/clients/${client.id}`).send(write(client)).expect(201);
  await as.put(`/api/v1/visits/${visit.id}`).send(write(visit)).expect(201);
  await as.put(`/api/v1/homePlans/${plan.id}`).send(write(plan)).expect(201);
  const { body } = await as
    .post(`/api/v1/clients/${client.id}/links`)
    .send({ purpose: 'page', days: 30 })
    .expect(201);
  return { client, visit, plan, link: body.link as { id: string }, token: body.token as string };
}

const page = (token: string) =>
  request(world.app).get(`/api/v1/home?day=${TODAY}`).set('Authorization', `Bearer ${token}`);
const say = (token: string, entries: HomeEntry[]) =>
  request(world.app)
    .post('/api/v1/home/entries')
    .set({ Authorization: `Bearer ${token}`, 'X-Taxikine': '1' })
    .send({ entries });

const dose = (planId: string, part: Partial<DoseEntry> = {}): DoseEntry =>
  newDose(planId, { key: 'point-and-pull@right', name: 'Point and pull, right', ...part });

it('the page shows the days to come and nothing of why', async () => {
  const { token } = await atHome();
  const { body } = await page(token).expect(200);
  const { client, practice, plan } = body as HomePage;
  expect([client, practice]).toEqual(['Maren', 'saltreach']);
  expect(plan!.days.find(({ day }) => day === TODAY)!.doses.length).toBeGreaterThan(1);
  const text = JSON.stringify(body);
  for (const secret of ['ankle-joint', 'hypermobility', 'worth', 'Holt', 'heightM', 'consent'])
    expect(text).not.toContain(secret);
});

it('what is said is kept once, however often and from however many devices it is sent', async () => {
  const { token, client, plan } = await atHome();
  const entry = dose(plan.id);
  const other = dose(plan.id, { done: 'partly', why: 'no-time' });
  await say(token, [entry]).expect(201);
  const { body } = await say(token, [entry, other]).expect(201);
  expect(body).toEqual({ kept: [entry.id, other.id], planChanged: false });
  const file = await coach.get(`/api/v1/clients/${client.id}/file`).expect(200);
  expect(file.body.homeEntries).toHaveLength(2);
  const seen = await page(token).expect(200);
  expect(seen.body.entries).toHaveLength(2);
});

it('what was said of a plan that has changed since is kept, and the page is told', async () => {
  const { token, plan } = await atHome();
  const { version: _, ...rest } = { ...plan, version: 1 };
  await coach
    .put(`/api/v1/homePlans/${plan.id}`)
    .send(write({ ...rest, minutes: 8 }, 1))
    .expect(200);
  const { body } = await say(token, [dose(plan.id)]).expect(201);
  expect(body.planChanged).toBe(true);
});

it.each([
  ['a plan of somebody else', async () => (await atHome()).plan.id],
  ['a plan that never was', async () => crypto.randomUUID()],
])('%s is refused by its field and nothing is kept', async (_name, other) => {
  const { token, client, plan } = await atHome();
  const { body } = await say(token, [dose(plan.id), dose(await other())]).expect(422);
  expect(body.path).toBe('entries.1.planId');
  const file = await coach.get(`/api/v1/clients/${client.id}/file`).expect(200);
  expect(file.body.homeEntries).toEqual([]);
});

it('an id that another client’s entry has is not said to be kept', async () => {
  const theirs = await atHome();
  const entry = dose(theirs.plan.id);
  await say(theirs.token, [entry]).expect(201);
  const { token, client, plan } = await atHome();
  const entries = [dose(plan.id), { ...entry, planId: plan.id }];
  const { body } = await say(token, entries).expect(422);
  expect(body.path).toBe('entries.1.id');
  const file = await coach.get(`/api/v1/clients/${client.id}/file`).expect(200);
  expect(file.body.homeEntries).toEqual([]);
});

it('an entry with a field that is wrong is refused by that field', async () => {
  const { token, plan } = await atHome();
  const { body } = await say(token, [dose(plan.id, { pain: 12 })]).expect(422);
  expect(body.path).toBe('entries.0.pain');
});

it('a day that is none is refused by its field', async () => {
  const { token } = await atHome();
  const { body } = await request(world.app)
    .get('/api/v1/home?day=2026-99-99')
    .set('Authorization', `Bearer ${token}`)
    .expect(422);
  expect(body.path).toBe('day');
});

describe('a link', () => {
  it.each([
    ['altered', (token: string) => `${token.slice(0, -1)}${token.endsWith('A') ? 'B' : 'A'}`],
    ['that is none', () => 'x'],
    ['left out', () => ''],
  ])('%s opens nothing', async (_name, change) => {
    const { token } = await atHome();
    const { body } = await page(change(token)).expect(410);
    expect(body.code).toBe('no-such-link');
    expect(JSON.stringify(body)).not.toContain('Maren');
  });

  it('that was closed opens nothing, and takes nothing', async () => {
    const { token, link, client, plan } = await atHome();
    await coach.delete(`/api/v1/clients/${client.id}/links/${link.id}`).expect(204);
    expect((await page(token).expect(410)).body.code).toBe('link-revoked');
    await say(token, [dose(plan.id)]).expect(410);
  });

  // The world's clock stands, and has not to do with the database's.
  it.each([
    [-1, 410, 'link-expired'],
    [0, 410, 'link-expired'],
    [1, 200, undefined],
  ])('that ends in %i ms by the clock it was made by is answered %i', async (ms, status, code) => {
    const { token, link } = await atHome();
    const ends = new Date(NOON.getTime() + ms).toISOString();
    await world.owner.query('ALTER TABLE client_link NO FORCE ROW LEVEL SECURITY');
    await world.owner.query(`UPDATE client_link SET expires_on = $2 WHERE id = $1`, [
      link.id,
      ends,
    ]);
    await world.owner.query('ALTER TABLE client_link FORCE ROW LEVEL SECURITY');
    expect((await page(token).expect(status)).body.code).toBe(code);
  });

  it('is listed without its token, and not to another practice', async () => {
    const { client, link } = await atHome();
    const { body } = await coach.get(`/api/v1/clients/${client.id}/links`).expect(200);
    expect(Object.keys(body.links[0]).sort()).toEqual(
      ['expiresOn', 'id', 'madeOn', 'purpose', 'revokedOn'].sort(),
    );
    const stranger = await signIn(world, 'elsewhere');
    expect((await stranger.get(`/api/v1/clients/${client.id}/links`)).body.links).toEqual([]);
    await stranger.delete(`/api/v1/clients/${client.id}/links/${link.id}`).expect(404);
    await stranger
      .post(`/api/v1/clients/${client.id}/links`)
      .send({ purpose: 'page', days: 3 })
      .expect(404);
  });

  it('for a page opens no calendar', async () => {
    const { token } = await atHome();
    await request(world.app).get(`/api/v1/calendar/${token}.ics`).expect(410);
  });

  it('needs no less and no more than so many days', async () => {
    const { client } = await atHome();
    for (const days of [0, 121])
      expect(
        (
          await coach
            .post(`/api/v1/clients/${client.id}/links`)
            .send({ purpose: 'page', days })
            .expect(422)
        ).body.path,
      ).toBe('days');
  });

  it('keeps no token in the database', async () => {
    const { token } = await atHome();
    await world.owner.query('ALTER TABLE client_link NO FORCE ROW LEVEL SECURITY');
    const rows = await world.owner.query('SELECT * FROM client_link');
    await world.owner.query('ALTER TABLE client_link FORCE ROW LEVEL SECURITY');
    expect(JSON.stringify(rows)).not.toContain(token);
    expect(JSON.stringify(rows)).not.toContain(Buffer.from(token).toString('hex'));
  });
});

describe('an answer at home to a stop-and-refer question', () => {
  const refer = (planId: string): HomeEntry => ({
    id: crypto.randomUUID(),
    planId,
    planVersion: 1,
    on: TODAY,
    said: '2026-11-23T07:50:00.000Z',
    kind: 'safety',
    positives: ['leg-weakness'],
  });

  it('takes the drills away, holds back the coach’s too, until it is cleared', async () => {
    const { token, plan, visit, client } = await atHome();
    const entry = refer(plan.id);
    await say(token, [entry]).expect(201);
    const { body } = await page(token).expect(200);
    expect(body.plan).toBeNull();
    expect(body.stop.join()).not.toBe('');
    const drill = newDrill(visit);
    const { body: held } = await coach
      .put(`/api/v1/drills/${drill.id}`)
      .send(write(drill))
      .expect(422);
    expect(held.code).toBe('blocked');
    const clearance = {
      question: 'leg-weakness' as const,
      reportedIn: entry.id,
      recordedIn: visit.id,
      by: 'Dr Aune',
      on: TODAY,
      scope: 'all drills',
    };
    await coach
      .put(`/api/v1/clients/${client.id}`)
      .send(write({ ...client, clearances: [clearance] }, 1))
      .expect(200);
    expect((await page(token).expect(200)).body.plan).not.toBeNull();
  });

  it('a plan for a client who is held back is not taken', async () => {
    const { token, plan, visit } = await atHome();
    await say(token, [refer(plan.id)]).expect(201);
    const next = newPlan(visit);
    await coach.put(`/api/v1/homePlans/${next.id}`).send(write(next)).expect(422);
  });
});

it.each([
  ['three weeks', { weeks: 3 }, 'weeks'],
  ['thirteen weeks', { weeks: 13 }, 'weeks'],
  ['a first day that is none', { startsOn: '2026-02-30' }, 'startsOn'],
  ['a time zone that is none', { timeZone: 'Mars/Olympus' }, 'timeZone'],
  ['a time that is none', { moments: ['7:30'] }, 'moments.0'],
  ['five times a day', { moments: ['06:00', '09:00', '12:00', '15:00', '18:00'] }, 'moments'],
])('a plan with %s is refused by its field', async (_name, part, path) => {
  const { visit } = await atHome();
  const plan = newPlan(visit, part);
  const { body } = await coach.put(`/api/v1/homePlans/${plan.id}`).send(write(plan)).expect(422);
  expect(body.path).toBe(`record.${path}`);
});

it('the answer to a report stays in the plan', async () => {
  const { plan } = await atHome({
    answers: [{ entry: crypto.randomUUID(), does: 'stay', on: '2026-11-23T12:00:00.000Z' }],
  });
  const { body } = await coach
    .put(`/api/v1/homePlans/${plan.id}`)
    .send(write({ ...plan, answers: [] }, 1))
    .expect(422);
  expect(body.path).toBe('answers');
});

it('an empty session sends nothing home', () => {
  const client = { ...newClient(), version: 1 };
  const visit = { ...newVisit(client.id), version: 1 };
  const part = {
    client,
    visit,
    first: null,
    again: null,
    probes: [],
    checks: [],
    drills: [],
    pictures: [],
    repeats: [],
  };
  expect(homeDrillsOf(part, { homePlans: [], homeEntries: [] })).toEqual([]);
});

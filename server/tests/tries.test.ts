import request from 'supertest';
import { appSource } from '../src';
import { placeOf } from '../src/auth/placeOf';
import { createTries, MOST_TRIES, ofAccountFrom, tidyTries } from '../src/auth/tries';
import { warnCoach } from '../src/letters/warnCoach';
import {
  coach,
  keep,
  newClient,
  newPlan,
  newVisit,
  PASSWORD,
  runNext,
  TestSender,
  useWorld,
  world,
} from './world';

// Behind one proxy, which says where a request is from.
useWorld({ proxies: 1 });

const SALTREACH = 'coach@saltreach.example';
const ELSEWHERE = 'coach@elsewhere.example';

beforeEach(() => world.owner.query('DELETE FROM failed_try'));

const from = (place: string, email: string, password: string) =>
  request(world.app)
    .post('/api/v1/session')
    .set({ 'X-Taxikine': '1', 'X-Forwarded-For': place })
    .send({ email, password })
    .then(({ status }) => status);

async function fail(times: number, place: string, email = SALTREACH): Promise<number[]> {
  const statuses = [];
  for (let i = 0; i < times; i++) statuses.push(await from(place, email, `wrong ${i}`));
  return statuses;
}

describe('passwords', () => {
  it('ten wrong ones hold an account at that place, and nothing else', async () => {
    const { accountFromPlace: most } = MOST_TRIES;
    expect(await fail(most, '10.0.0.1')).toEqual(Array(most).fill(401));
    expect(await from('10.0.0.1', SALTREACH, PASSWORD)).toBe(429);
    expect(await from('10.0.0.1', ELSEWHERE, PASSWORD)).toBe(201);
    expect(await from('10.0.0.2', SALTREACH, PASSWORD)).toBe(201);
  });

  it('asked at once they are counted no less', async () => {
    const { accountFromPlace: most } = MOST_TRIES;
    const asked = Array.from({ length: 40 }, (_, i) => from('10.0.0.3', SALTREACH, `wrong ${i}`));
    const statuses = await Promise.all(asked);
    const [wrong, held] = [401, 429].map((one) => statuses.filter((status) => status === one));
    // One that has just failed may for a moment be counted as being looked at, too.
    expect(wrong!.length).toBeLessThanOrEqual(most);
    expect(wrong!.length + held!.length).toBe(40);
  });

  it('right ones count nowhere, and end the count', async () => {
    for (let i = 0; i < 12; i++) expect(await from('10.0.0.1', SALTREACH, PASSWORD)).toBe(201);
    await fail(9, '10.0.0.1');
    expect(await from('10.0.0.1', SALTREACH, PASSWORD)).toBe(201);
    expect(await fail(9, '10.0.0.1')).toEqual(Array(9).fill(401));
  });

  it('one that could not be looked at has not failed', async () => {
    const named = (one: string, other: string) =>
      world.owner.query(`ALTER FUNCTION ${one}(text) RENAME TO ${other}`);
    await named('coach_for_sign_in', 'nobody_for_sign_in');
    try {
      for (let i = 0; i < 12; i++) expect(await from('10.0.0.5', SALTREACH, PASSWORD)).toBe(500);
    } finally {
      await named('nobody_for_sign_in', 'coach_for_sign_in');
    }
    expect(await from('10.0.0.5', SALTREACH, PASSWORD)).toBe(201);
  });

  it('those that a server died with count for half a minute, and not as failed', async () => {
    const tries = createTries(world.source);
    const { accountFromPlace: most } = MOST_TRIES;
    const own = ofAccountFrom(SALTREACH, placeOf('10.0.0.6'));
    for (let i = 0; i < most; i++) await tries.begin(own);
    expect(await from('10.0.0.6', SALTREACH, PASSWORD)).toBe(429);
    await world.owner.query('UPDATE failed_try SET expire = expire - 30000');
    expect(await from('10.0.0.6', SALTREACH, PASSWORD)).toBe(201);
  });

  it('is asked again while it is held: that holds it no longer', async () => {
    await fail(10, '10.0.0.7');
    for (let i = 0; i < 12; i++) expect(await from('10.0.0.7', SALTREACH, PASSWORD)).toBe(429);
    const [{ points }] = await world.owner.query('SELECT max(points) AS points FROM failed_try');
    expect(points).toBe(MOST_TRIES.accountFromPlace);
  });

  it('is the same account however it is written', async () => {
    await fail(10, '10.0.0.1', ' Coach@Saltreach.example ');
    expect(await from('10.0.0.1', SALTREACH, PASSWORD)).toBe(429);
  });

  it('sixty from twelve places hold the account, but not where its coach has been, who is told', async () => {
    const sender = new TestSender();
    expect(await from('10.0.9.9', SALTREACH, PASSWORD)).toBe(201);
    const statuses = [];
    for (let place = 0; place < 12; place++) statuses.push(...(await fail(5, `10.0.1.${place}`)));
    expect(statuses.filter((status) => status === 401)).toHaveLength(MOST_TRIES.account);
    expect(statuses.slice(MOST_TRIES.account)).toEqual(Array(10).fill(429));
    expect(await from('10.0.2.1', SALTREACH, PASSWORD)).toBe(429);
    expect(await from('10.0.9.9', SALTREACH, PASSWORD)).toBe(201);
    await runNext(world, 'warn-coach', (data, source) => warnCoach(source, sender, data));
    expect(sender.letters).toMatchObject([
      {
        to: { email: SALTREACH },
        subject: 'Wrong passwords for your account',
        text: expect.not.stringContaining('let in'),
      },
    ]);
  });

  it('guessing at many accounts from one place is held there', async () => {
    for (let i = 0; i < MOST_TRIES.place; i++) await fail(1, '10.0.3.1', `nobody${i}@x.example`);
    expect(await from('10.0.3.1', SALTREACH, PASSWORD)).toBe(429);
    expect(await from('10.0.3.2', SALTREACH, PASSWORD)).toBe(201);
  }, 60_000);

  it('nobody who guesses at accounts that are not there is told which are', async () => {
    expect(await fail(10, '10.0.4.1', 'nobody@x.example')).toEqual(Array(10).fill(401));
    expect(await fail(1, '10.0.4.1', 'nobody@x.example')).toEqual([429]);
  });

  it('what is kept names nobody', async () => {
    await fail(1, '10.0.5.1');
    const text = JSON.stringify(await world.owner.query('SELECT * FROM failed_try'));
    expect(text).not.toMatch(/saltreach|10\.0\.5/);
  });
});

describe('links', () => {
  const page = (token: string) =>
    request(world.app)
      .get('/api/v1/home?day=2026-11-23')
      .set({ Authorization: `Bearer ${token}`, 'X-Forwarded-For': '10.1.0.1' })
      .then(({ status }) => status);
  const made = async () => {
    const client = newClient();
    await keep('clients', client);
    const path = `/api/v1/clients/${client.id}/links`;
    const { body } = await coach.post(path).send({ purpose: 'page', days: 9 }).expect(201);
    return { token: body.token as string, close: () => coach.delete(`${path}/${body.link.id}`) };
  };
  const token = (i: number) => `${'x'.repeat(30)}${i}`;

  it('one that opens is never refused, however much failed beside it', async () => {
    const { token: good } = await made();
    const { linksFromPlace: most } = MOST_TRIES;
    const statuses = [];
    for (let i = 0; i <= most; i++) statuses.push(await page(token(i)));
    expect(statuses).toEqual([...Array(most).fill(410), 429]);
    expect(await page(good)).toBe(200);
  });

  it('one that was closed says so, until it is asked for without end', async () => {
    const { token: closed, close } = await made();
    expect(await page(closed)).toBe(200);
    await close().expect(204);
    const statuses = [];
    for (let i = 0; i <= MOST_TRIES.link; i++) statuses.push(await page(closed));
    expect(statuses).toEqual([...Array(MOST_TRIES.link).fill(410), 429]);
  });
});

/** A client with a plan at home, and a link to it. */
async function pageOf() {
  const client = newClient();
  const visit = newVisit(client.id);
  const plan = newPlan(visit);
  await keep('clients', client);
  await keep('visits', visit);
  await keep('homePlans', plan);
  const path = `/api/v1/clients/${client.id}/links`;
  const { body } = await coach.post(path).send({ purpose: 'page', days: 9 }).expect(201);
  return { token: body.token as string, plan };
}

const morning = (planId: string) => ({
  id: crypto.randomUUID(),
  planId,
  planVersion: 1,
  on: '2026-11-23',
  said: '2026-11-23T08:00:00.000Z',
  kind: 'morning',
  worse: false,
});

it('words from home come by the month, and not by the thousand', async () => {
  const { token, plan } = await pageOf();
  const say = (count: number) =>
    request(world.app)
      .post('/api/v1/home/entries')
      .set({ Authorization: `Bearer ${token}`, 'X-Taxikine': '1' })
      .send({ entries: Array.from({ length: count }, () => morning(plan.id)) })
      .then(({ status }) => status);
  const statuses = [];
  for (let i = 0; i < 9; i++) statuses.push(await say(200));
  expect(statuses).toEqual([...Array(7).fill(201), 429, 429]);
});

describe('what is counted', () => {
  it('is seen by every process of the server', async () => {
    await fail(10, '10.2.0.1');
    const other = await appSource(world.databases.appUrl).initialize();
    const asked = createTries(other).take(1, ['accountFromPlace', `${SALTREACH}|10.2.0.1`]);
    await expect(asked).rejects.toMatchObject({ status: 429 });
    await other.destroy();
  });

  it('is let go of when it is over, and not before', async () => {
    await fail(1, '10.2.0.2');
    const count = async () =>
      (await world.owner.query('SELECT count(*)::int AS n FROM failed_try'))[0].n;
    const inMinutes = (minutes: number) => new Date(Date.now() + minutes * 60_000);
    await tidyTries(world.source, inMinutes(14));
    expect(await count()).toBe(3);
    await tidyTries(world.source, inMinutes(16));
    expect(await count()).toBe(0);
  });
});

it.each([
  ['192.0.2.7', '192.0.2.7'],
  ['::ffff:192.0.2.7', '192.0.2.7'],
  ['::1', '0:0:0:0'],
  ['2001:db8:7:1:aaaa::5', '2001:db8:7:1'],
  ['2001:0db8:0007:0001:bbbb::9', '2001:db8:7:1'],
  ['2001:db8::', '2001:db8:0:0'],
  ['fe80::1%eth0', 'fe80:0:0:0'],
  [undefined, ''],
])('%s is at %s', (address, place) => {
  expect(placeOf(address)).toBe(place);
});

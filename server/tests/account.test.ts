import type { SessionShown } from '@taxikine/core';
import request from 'supertest';
import { inPractice } from '../src';
import { deviceOf } from '../src/auth/deviceOf';
import { maybeWeakPassword } from '../src/auth/maybeWeakPassword';
import { maybeSignedIn, noteSeen } from '../src/auth/sessions';
import { hashOfToken } from '../src/auth/tokens';
import { MOST_TRIES } from '../src/auth/tries';
import { warnCoach } from '../src/letters/warnCoach';
import { coach, PASSWORD, runNext, signIn, TestSender, tokenOf, useWorld, world } from './world';

useWorld();

const OTHER = 'another-long-one';
const SALTREACH = 'coach@saltreach.example';

beforeEach(() => world.owner.query('DELETE FROM failed_try'));

const listed = async (as = coach): Promise<SessionShown[]> =>
  (await as.get('/api/v1/account/sessions').expect(200)).body.sessions;
const change = (as: typeof coach, current: string, next: string) =>
  as.post('/api/v1/account/password').send({ current, next });
const canSignIn = async (password: string) =>
  (
    await request(world.app)
      .post('/api/v1/session')
      .set('X-Taxikine', '1')
      .send({ email: SALTREACH, password })
  ).status;

describe('where a coach is signed in', () => {
  it('is listed with what the device says of itself, and which one asks', async () => {
    const phone = await signIn(world, 'saltreach', 'Mozilla/5.0 (X11; Linux x86_64) Firefox/128.0');
    const sessions = await listed(phone);
    expect(sessions.map(({ here }) => here).indexOf(true)).toBe(0);
    expect(sessions.filter(({ here }) => here)).toMatchObject([{ device: 'Firefox, Linux' }]);
    expect(sessions.length).toBeGreaterThan(1);
    expect(JSON.stringify(sessions)).not.toMatch(/token|hash/);
    const strangers = await listed(await signIn(world, 'elsewhere'));
    expect(strangers.some(({ id }) => sessions.some((one) => one.id === id))).toBe(false);
  });

  it('is ended there, and here it goes on', async () => {
    const lost = await signIn(world, 'saltreach');
    const [{ id }] = (await listed(lost)).filter(({ here }) => here);
    await coach.delete(`/api/v1/account/sessions/${id}`).expect(204);
    await lost.get('/api/v1/session').expect(401);
    await coach.get('/api/v1/session').expect(200);
    await coach.delete(`/api/v1/account/sessions/${id}`).expect(404);
  });

  it('is no other coach’s to end', async () => {
    const stranger = await signIn(world, 'elsewhere');
    const [{ id }] = (await listed()).filter(({ here }) => here);
    await stranger.delete(`/api/v1/account/sessions/${id}`).expect(404);
    await coach.get('/api/v1/session').expect(200);
  });

  it('is ended everywhere else at once', async () => {
    const others = [await signIn(world, 'saltreach'), await signIn(world, 'saltreach')];
    await coach.delete('/api/v1/account/sessions').expect(204);
    for (const other of others) await other.get('/api/v1/session').expect(401);
    expect(await listed()).toMatchObject([{ here: true }]);
  });

  it('who signs in where somebody is already takes their place', async () => {
    const device = await signIn(world, 'saltreach');
    const before = (await listed(device)).length;
    await device.post('/api/v1/session').send({ email: SALTREACH, password: PASSWORD }).expect(201);
    expect(await listed(device)).toHaveLength(before);
  });

  it('a sign of it is kept every few minutes', async () => {
    const token = await tokenOf(world, 'saltreach');
    const who = (await maybeSignedIn(world.source, token))!;
    const hash = hashOfToken(token);
    const minutesAgo = async (minutes: number) => {
      await inPractice(world.source, who.practice.id, (manager) =>
        manager.query(
          'UPDATE session SET seen_on = now() - make_interval(mins => $2) WHERE token_hash = $1',
          [hash, minutes],
        ),
      );
      await noteSeen(world.source, who, hash);
      const seen = (await listed()).map(({ seenOn }) => Date.now() - Date.parse(seenOn));
      return seen.some((ms) => Math.abs(ms - minutes * 60_000) < 30_000);
    };
    expect([await minutesAgo(4), await minutesAgo(6)]).toEqual([true, false]);
  });
});

describe('a password', () => {
  it('is changed by who knows it, ends all other sessions, and its coach is written to', async () => {
    const [mine, other] = [await signIn(world, 'saltreach'), await signIn(world, 'saltreach')];
    const { body } = await change(mine, PASSWORD, OTHER).expect(200);
    expect(body.ended).toBeGreaterThan(0);
    await mine.get('/api/v1/session').expect(200);
    await other.get('/api/v1/session').expect(401);
    expect([await canSignIn(PASSWORD), await canSignIn(OTHER)]).toEqual([401, 201]);
    const sender = new TestSender();
    await runNext(world, 'warn-coach', (data, source) => warnCoach(source, sender, data));
    expect(sender.letters).toMatchObject([
      { to: { email: SALTREACH }, subject: 'Your password was changed' },
    ]);
    await change(mine, OTHER, PASSWORD).expect(200);
  });

  it('is not guessed at with a session that was stolen', async () => {
    const thief = await signIn(world, 'saltreach');
    const statuses = [];
    for (let i = 0; i <= MOST_TRIES.accountFromPlace; i++)
      statuses.push((await change(thief, `wrong ${i}`, OTHER)).status);
    expect(statuses).toEqual([...Array(MOST_TRIES.accountFromPlace).fill(422), 429]);
    expect((await change(thief, PASSWORD, OTHER)).status).toBe(429);
  });

  it.each([
    ['not the one they have', 'not this one', OTHER, 'current', /not your password/],
    ['too short a new one', PASSWORD, 'short-one', 'next', /at least 10/],
    ['a common new one', PASSWORD, 'Basketball1!', 'next', /many people/],
    ['the same again', PASSWORD, PASSWORD, 'next', /the one you have/],
    ['nothing', PASSWORD, '', 'next', /./],
  ])('%s is refused by its field', async (_name, current, next, path, message) => {
    const mine = await signIn(world, 'saltreach');
    const { body } = await change(mine, current, next).expect(422);
    expect(body).toMatchObject({ path, message: expect.stringMatching(message) });
    expect(await canSignIn(PASSWORD)).toBe(201);
  });
});

describe('what cannot be undone', () => {
  let mine: typeof coach;
  beforeEach(async () => void (mine = await signIn(world, 'saltreach')));
  const age = (minutes: number) =>
    inPractice(world.source, world.practices[0].id, (manager) =>
      manager.query('UPDATE session SET confirmed_on = now() - make_interval(mins => $1)', [
        minutes,
      ]),
    );
  const confirm = (password: string) => mine.post('/api/v1/account/confirm').send({ password });
  const ASKED: readonly [string, () => request.Test][] = [
    ['an erasure', () => mine.post(`/api/v1/clients/${crypto.randomUUID()}/erase`)],
    ['an export', () => mine.get('/api/v1/practice/export.zip')],
    ['one of a client', () => mine.get(`/api/v1/clients/${crypto.randomUUID()}/export.zip`)],
    ['the list of what was done', () => mine.get('/api/v1/practice/deeds.csv')],
    ['a restore', () => mine.post('/api/v1/practice/restore').type('application/zip')],
    ['an invitation', () => mine.post('/api/v1/people').send({})],
    ['another invitation', () => mine.post(`/api/v1/people/${crypto.randomUUID()}/link`)],
    ['a change of people', () => mine.put(`/api/v1/people/${crypto.randomUUID()}`).send({})],
  ];

  it.each(ASKED)('%s asks for the password when it was given a while ago', async (_name, ask) => {
    await age(11);
    expect((await ask().expect(403)).body.code).toBe('confirm-first');
  });

  it('goes on when it is given, and for ten minutes', async () => {
    await age(11);
    expect((await confirm('not this one').expect(422)).body.path).toBe('password');
    await mine.post('/api/v1/people').send({}).expect(403);
    await confirm(PASSWORD).expect(204);
    await mine.post('/api/v1/people').send({}).expect(422);
    await age(9);
    await mine.post('/api/v1/people').send({}).expect(422);
  });

  it('is not guessed at', async () => {
    for (let i = 0; i < MOST_TRIES.accountFromPlace; i++) await confirm(`wrong ${i}`).expect(422);
    await confirm(PASSWORD).expect(429);
  });
});

it.each([
  ['nine', 'abcdefghi', false],
  ['ten', 'quiet-tide', true],
  ['ten that are no letters', '🦀🐚🪸🐙🦑🐡🐠🐬🦭🐳', true],
  ['many people’s', 'qwertyuiop', false],
  ['many people’s, dressed up', '12Manchester99!', false],
  ['the address itself', 'Ilse@Saltreach.example', false],
  ['the name in the address', 'ilse.van.dyck-1987', false, 'ilse.van.dyck@x.example'],
  ['a few again and again', 'ababababab', false],
  ['words in a row', 'low-tide-42', true],
])('%s: %s', async (_name, password, isGood, email = 'ilse@saltreach.example') => {
  expect((await maybeWeakPassword(password, email)) === null).toBe(isGood);
});

it.each([
  ['', ''],
  ['curl/8.0', ''],
  ['no agent at all', ''],
])('of %j it is said %j', (agent, device) => expect(deviceOf(agent)).toBe(device));

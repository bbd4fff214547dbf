import type { FactorShown } from '@taxikine/core';
import request from 'supertest';
import { inPractice } from '../src';
import { MOST_TRIES } from '../src/auth/tries';
import { RECOVERY_CODES } from '../src/factor/recoveryCodes';
import { resetLetter } from '../src/letters/resetLetter';
import { warnCoach } from '../src/letters/warnCoach';
import { begin, codeOf, FACTOR, turnOn, withFactor } from './factors';
import { invited, joined, signedInAs, welcome } from './joining';
import { challengeOf, enter, withPasskey } from './passkeys';
import { type Agent, coach, NOON, runNext, TestSender, useWorld, world } from './world';

useWorld();

const CHOSEN = 'seven quiet herons';

beforeEach(() => world.owner.query('DELETE FROM failed_try; DELETE FROM pgboss.job'));

const shown = async (agent: Agent): Promise<FactorShown> => (await agent.get(FACTOR)).body;

const knock = (email: string, code?: string, password = CHOSEN) =>
  request(world.app)
    .post('/api/v1/session')
    .set('X-Taxikine', '1')
    .send({ email, password, ...(code === undefined ? {} : { code }) });
const answerTo = async (...of: Parameters<typeof knock>) => {
  const { status, body } = await knock(...of);
  return status === 201 ? 'in' : (body.code as string);
};

/** Of the letter about another password that goes out next. */
async function tokenOfLetter(): Promise<string> {
  const sender = new TestSender();
  await runNext(world, 'reset-letter', (data, source) =>
    resetLetter(data, { source, sender, publicUrl: 'https://room.example', now: () => NOON }),
  );
  return /welcome#([\w-]+)/.exec(sender.letters[0].text)![1];
}

/** The password was given an hour ago. */
const longAgo = (coachId: string) =>
  inPractice(world.source, world.practices[0].id, (manager) =>
    manager.query(
      "UPDATE session SET confirmed_on = now() - interval '1 hour' WHERE coach_id = $1",
      [coachId],
    ),
  );

describe('an authenticator', () => {
  it('is asked for only once a code of it has come', async () => {
    const { agent, email } = await joined();
    expect(await shown(agent)).toEqual({ since: null, recoveryLeft: 0 });
    const { secret, address } = await begin(agent);
    expect(address).toMatch(new RegExp(`^otpauth://totp/Taxikine.*secret=${secret}`));
    expect(decodeURIComponent(address)).toContain(email);
    expect(await answerTo(email)).toBe('in');
    const { body } = await turnOn(agent, '000000').expect(422);
    expect(body.path).toBe('code');
    expect((await shown(agent)).since).toBeNull();
    expect(await answerTo(email)).toBe('in');
  });

  it.each([
    ['now', 0, 'in'],
    ['in the next half minute', 30, 'in'],
    ['a minute from now', 60, 'wrong-code'],
    ['a minute ago', -60, 'wrong-code'],
  ])('opens with what it shows %s: %s s, %s', async (_when, seconds, answer) => {
    const { email, factor } = await withFactor();
    expect(await answerTo(email)).toBe('need-code');
    expect(await answerTo(email, '')).toBe('need-code');
    expect(await answerTo(email, codeOf(factor, seconds))).toBe(answer);
  });

  it('opens once with a code, and never with one before it', async () => {
    const { email, factor } = await withFactor();
    const now = codeOf(factor);
    expect(await answerTo(email, `${now.slice(0, 3)} ${now.slice(3)}`)).toBe('in');
    expect(await answerTo(email, now)).toBe('wrong-code');
    expect(await answerTo(email, codeOf(factor, -30))).toBe('wrong-code');
  });

  it('opens once with a code that is sent many times at once', async () => {
    const { email, factor } = await withFactor();
    const asked = Array.from({ length: 6 }, () => answerTo(email, codeOf(factor)));
    expect((await Promise.all(asked)).filter((one) => one === 'in')).toHaveLength(1);
  });

  it('is set up by who gave the password not long ago, and once', async () => {
    const { agent, id } = await joined();
    await longAgo(id);
    const { body } = await agent.post(FACTOR).send({}).expect(403);
    expect(body.code).toBe('confirm-first');
    const other = await withFactor();
    expect((await other.agent.post(FACTOR).send({}).expect(409)).body.code).toBe('factor-on');
    expect((await turnOn(agent, '123456').expect(409)).body.code).toBe('factor-off');
  });
});

describe('recovery codes', () => {
  it('open once each, however they are typed', async () => {
    const { email, codes, agent } = await withFactor();
    expect(codes).toHaveLength(RECOVERY_CODES);
    const [first] = codes;
    expect(await answerTo(email, first.toLowerCase().replace('-', ' '))).toBe('in');
    expect(await answerTo(email, first)).toBe('wrong-code');
    expect((await shown(agent)).recoveryLeft).toBe(RECOVERY_CODES - 1);
  });

  it('are good no more once there are others, and nobody else’s', async () => {
    const { email, codes, agent } = await withFactor();
    const other = await withFactor();
    const { body } = await agent.post(`${FACTOR}/recovery`).send({}).expect(200);
    expect(await answerTo(email, codes[0])).toBe('wrong-code');
    expect(await answerTo(other.email, body.codes[0])).toBe('wrong-code');
    expect(await answerTo(email, body.codes[0])).toBe('in');
  });
});

describe('the door', () => {
  it('tells of a code only who has the password', async () => {
    const { email, factor } = await withFactor();
    expect(await answerTo(email, codeOf(factor), 'a-wrong-password')).toBe('wrong-sign-in');
    expect(await answerTo(email, codeOf(factor))).toBe('in');
  });

  it('counts codes that are guessed, and not that one is asked for', async () => {
    const { email, factor } = await withFactor();
    const { accountFromPlace: most } = MOST_TRIES;
    for (let i = 0; i < most + 2; i++) expect(await answerTo(email)).toBe('need-code');
    for (let i = 0; i < most; i++) expect(await answerTo(email, '000000')).toBe('wrong-code');
    expect(await answerTo(email, codeOf(factor))).toBe('too-many-tries');
  });

  it('is not gone around by a letter for another password', async () => {
    const { email, factor } = await withFactor();
    await request(world.app)
      .post('/api/v1/welcome/letter')
      .set('X-Taxikine', '1')
      .send({ email })
      .expect(202);
    const token = await tokenOfLetter();
    const { body, headers } = await welcome(token).choose('nine slow barges').expect(200);
    expect([body, headers['set-cookie']]).toEqual([null, undefined]);
    expect(await answerTo(email, undefined, 'nine slow barges')).toBe('need-code');
    expect(await answerTo(email, codeOf(factor), 'nine slow barges')).toBe('in');
  });
});

describe('without it again', () => {
  it('the password alone opens, and the coach is written to', async () => {
    const { email, agent } = await withFactor();
    await agent.delete(FACTOR).expect(204);
    expect(await answerTo(email)).toBe('in');
    const sender = new TestSender();
    await runNext(world, 'warn-coach', (data, source) => warnCoach(source, sender, data));
    expect(sender.letters).toMatchObject([
      { to: { email }, subject: 'No code is asked for any more' },
    ]);
  });

  it('an owner lets in who has lost the phone; nobody else does, and not themselves', async () => {
    const { id, email, agent } = await withFactor();
    const people = (await coach.get('/api/v1/people').expect(200)).body.people;
    expect(people.find((one: { id: string }) => one.id === id)).toMatchObject({ hasFactor: true });
    const path = `/api/v1/people/${id}/factor`;
    expect((await agent.delete(path).expect(403)).body.code).toBe('owner-only');
    const { agent: owner, id: ownId } = await joined('owner');
    await owner.delete(`/api/v1/people/${ownId}/factor`).expect(422);
    await owner.delete(path).expect(204);
    expect(await answerTo(email)).toBe('in');
    const deeds = (await coach.get('/api/v1/practice/deeds').expect(200)).body.deeds;
    expect(deeds).toContainEqual(expect.objectContaining({ deed: 'factor-off', to: id }));
  });

  it('keys of the phone that was lost open nothing any more', async () => {
    const { id, key } = await withPasskey();
    await enter(key.sign(await challengeOf())).expect(201);
    await coach.delete(`/api/v1/people/${id}/factor`).expect(204);
    await enter(key.sign(await challengeOf())).expect(401);
    const deeds = (await coach.get('/api/v1/practice/deeds').expect(200)).body.deeds;
    expect(deeds).toContainEqual(expect.objectContaining({ deed: 'passkey-removed', to: id }));
  });

  it('an invitation is no way to it', async () => {
    const { email } = await invited();
    expect((await signedInAs(email)).status).toBe(401);
  });
});

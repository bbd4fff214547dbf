import type { PersonShown, Role } from '@taxikine/core';
import request from 'supertest';
import { inPractice } from '../src';
import { tidySessions } from '../src/auth/tidySessions';
import { MOST_TRIES } from '../src/auth/tries';
import { resetLetter } from '../src/letters/resetLetter';
import { warnCoach } from '../src/letters/warnCoach';
import { type Agent, coach, runNext, stranger, TestSender } from './world';
import { invited, joined, signedInAs, welcome } from './joining';
import { newClient, put, useWorld, world } from './world';

useWorld();

beforeEach(() => world.owner.query('DELETE FROM failed_try'));

const people = async (as: Agent = coach): Promise<PersonShown[]> =>
  (await as.get('/api/v1/people').expect(200)).body.people;

const change = (id: string, role: Role, ended: boolean, as: Agent = coach) =>
  as.put(`/api/v1/people/${id}`).send({ role, ended });

describe('an invitation', () => {
  it('opens once, and lets in whoever chose a password with it', async () => {
    const { id, token, email } = await invited();
    expect((await people()).find((one) => one.id === id)).toEqual({
      ...{
        id,
        email,
        name: 'Tobiah Renn',
        role: 'coach',
        state: 'invited',
        hasFactor: false,
        keeps: 0,
      },
    });
    expect((await signedInAs(email)).status).toBe(401);
    expect((await welcome(token).look().expect(200)).body).toEqual({
      ...{ name: 'Tobiah Renn', email, practice: 'saltreach', purpose: 'invite' },
    });
    const { body } = await welcome(token).choose().expect(201);
    expect(body.coach).toMatchObject({ id, email, role: 'coach' });
    expect((await people()).find((one) => one.id === id)!.state).toBe('here');
    await welcome(token).look().expect(410);
    await welcome(token).choose('another-long-one').expect(410);
    expect((await signedInAs(email)).status).toBe(201);
  });

  it('of two who use it at once one is let in', async () => {
    const { token } = await invited();
    const both = await Promise.all([welcome(token).choose(), welcome(token).choose()]);
    expect(both.map(({ status }) => status).sort()).toEqual([201, 410]);
  });

  it('is made anew in place of the last one, until they have come', async () => {
    const { id, token } = await invited();
    const again = await coach.post(`/api/v1/people/${id}/link`).expect(201);
    await welcome(token).look().expect(410);
    await welcome(again.body.token).choose().expect(201);
    await coach.post(`/api/v1/people/${id}/link`).expect(422);
  });

  it('asks for a password that is not guessed, and stays open until there is one', async () => {
    const { token } = await invited();
    const { body } = await welcome(token).choose('basketball').expect(422);
    expect(body).toMatchObject({ path: 'password', message: expect.stringMatching(/many people/) });
    await welcome(token).choose().expect(201);
  });

  it('runs out', async () => {
    const { id, token } = await invited();
    await welcome(token).look().expect(200);
    await inPractice(world.owner, world.practices[0].id, (manager) =>
      manager.query('UPDATE coach_link SET expires_at = now() WHERE coach_id = $1', [id]),
    );
    await welcome(token).look().expect(410);
    await welcome('x'.repeat(43)).look().expect(410);
    await inPractice(world.source, world.practices[0].id, async (manager) => {
      await tidySessions(manager, new Date(Date.now() + 1000));
      expect(await manager.query('SELECT 1 FROM coach_link WHERE coach_id = $1', [id])).toEqual([]);
    });
    await request(world.app).get('/api/v1/welcome').expect(410);
  });

  it.each([
    ['an address that is none', { email: 'nobody' }, 422, 'email'],
    ['no name', { name: ' ' }, 422, 'name'],
    ['a role that is none', { role: 'king' }, 422, 'role'],
    ['an address that has an account', { email: 'Coach@saltreach.example' }, 409, 'email'],
    ['one of another practice', { email: 'coach@elsewhere.example' }, 409, 'email'],
  ])('is not made for %s', async (_name, part, status, path) => {
    const person = { name: 'A', email: 'new@x.example', role: 'coach', ...part };
    const { body } = await coach.post('/api/v1/people').send(person).expect(status);
    expect(body.path).toBe(path);
  });
});

describe('who is not let in any more', () => {
  it('is out at once, with the link that was open, and comes back when an owner says so', async () => {
    const { id, email, agent } = await joined();
    await agent.get('/api/v1/clients').expect(200);
    await change(id, 'coach', true).expect(204);
    await agent.get('/api/v1/clients').expect(401);
    expect((await signedInAs(email)).status).toBe(401);
    expect((await people()).find((one) => one.id === id)!.state).toBe('ended');
    await change(id, 'coach', false).expect(204);
    expect((await signedInAs(email)).status).toBe(201);
  });

  it('has no invitation left', async () => {
    const { id, token } = await invited();
    await change(id, 'coach', true).expect(204);
    await welcome(token).choose().expect(410);
  });

  it('is never oneself, so that there is always an owner', async () => {
    const [me] = (await people()).filter(({ email }) => email === 'coach@saltreach.example');
    for (const [role, ended] of [['coach', false] as const, ['owner', true] as const])
      expect((await change(me.id, role, ended).expect(422)).body.path).toBe('id');
  });

  it('of two owners who end each other at once, one stays', async () => {
    const [one, two] = [await joined('owner'), await joined('owner')];
    const both = await Promise.all([
      change(two.id, 'owner', true, one.agent),
      change(one.id, 'owner', true, two.agent),
    ]);
    expect(both.map(({ status }) => status).sort()).toEqual([204, 403]);
  });
});

describe('a coach who owns nothing', () => {
  it.each<[string, (as: Agent, id: string) => request.Test]>([
    ['the list of people', (as) => as.get('/api/v1/people')],
    ['an invitation', (as) => as.post('/api/v1/people').send({})],
    ['another link', (as, id) => as.post(`/api/v1/people/${id}/link`)],
    ['a change', (as, id) => change(id, 'owner', false, as)],
    ['an export', (as) => as.get('/api/v1/practice/export.zip')],
    ['a restore', (as) => as.post('/api/v1/practice/restore').type('application/zip').send('')],
    ['an erasure', (as, id) => as.post(`/api/v1/clients/${id}/erase`).send({ name: 'A' })],
  ])('gets no %s', async (_name, ask) => {
    const { id, agent } = await joined();
    expect((await ask(agent, id).expect(403)).body.code).toBe('owner-only');
  });

  it('works with clients as any other, and may more as soon as an owner says so', async () => {
    const { id, agent } = await joined();
    const client = newClient();
    await put('clients', client).expect(201);
    await agent.get(`/api/v1/clients/${client.id}/file`).expect(200);
    await change(id, 'owner', false).expect(204);
    await agent.get('/api/v1/people').expect(200);
    await change(id, 'coach', false).expect(204);
    await agent.get('/api/v1/people').expect(403);
  });
});

it('another practice sees and changes nobody of ours', async () => {
  const { id } = await joined();
  expect((await people(stranger)).some((one) => one.id === id)).toBe(false);
  await change(id, 'owner', true, stranger).expect(404);
  await stranger.post(`/api/v1/people/${id}/link`).expect(404);
});

describe('who has forgotten their password', () => {
  const ask = (email: string) =>
    request(world.app).post('/api/v1/welcome/letter').set('X-Taxikine', '1').send({ email });
  /** Carries the letter out that waits, and what was sent. */
  async function sent() {
    const sender = new TestSender();
    const publicUrl = 'https://room.example';
    await runNext(world, 'reset-letter', (data, source) =>
      resetLetter(data, { source, sender, publicUrl, now: () => new Date() }),
    );
    return sender.letters;
  }

  it('is sent a link that opens once, and ends every session', async () => {
    const { email, agent } = await joined();
    await ask(` ${email.toUpperCase()}`).expect(202);
    const [letter] = await sent();
    expect(letter).toMatchObject({ to: { email }, subject: 'Another password for your account' });
    const [, token] = /https:\/\/room\.example\/welcome#([\w-]+)/.exec(letter.text)!;
    expect((await welcome(token).look().expect(200)).body.purpose).toBe('reset');
    await agent.get('/api/v1/clients').expect(200);
    await welcome(token).choose('eight loud gannets').expect(201);
    await agent.get('/api/v1/clients').expect(401);
    await welcome(token).look().expect(410);
    expect((await signedInAs(email)).status).toBe(401);
    expect((await signedInAs(email, 'eight loud gannets')).status).toBe(201);
    const sender = new TestSender();
    await runNext(world, 'warn-coach', (data, source) => warnCoach(source, sender, data));
    expect(sender.letters).toMatchObject([{ to: { email }, subject: 'Your password was changed' }]);
  });

  it('hears the same whether there is an account, and nobody is written to without one', async () => {
    const { id, email } = await joined();
    await change(id, 'coach', true).expect(204);
    const waiting = async () =>
      (
        await world.owner.query(
          "SELECT 1 FROM pgboss.job WHERE name = 'reset-letter' AND state = 'created'",
        )
      ).length;
    const before = await waiting();
    for (const one of [email, (await invited()).email, 'nobody@x.example'])
      expect((await ask(one).expect(202)).body).toEqual({});
    expect(await waiting()).toBe(before);
  });

  it('of the letters that are asked for, few are sent', async () => {
    const { email } = await joined();
    for (let i = 0; i < MOST_TRIES.forgotten; i++) await ask(email).expect(202);
    await ask(email).expect(429);
  });
});

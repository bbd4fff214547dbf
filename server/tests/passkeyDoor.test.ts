import { inPractice } from '../src';
import { MOST_TRIES } from '../src/auth/tries';
import { tidyChallenges } from '../src/passkeys/challenges';
import { codeOf, FACTOR, begin, turnOn } from './factors';
import { joined } from './joining';
import { add, atDoor, beginMaking, challengeOf, enter, PASSKEYS, withPasskey } from './passkeys';
import { SITE, softKey, type Forged } from './softKey';
import { coach, useWorld, world } from './world';

useWorld();

beforeEach(() => world.owner.query('DELETE FROM failed_try'));

const listed = async (agent: typeof coach) =>
  (await agent.get(PASSKEYS).expect(200)).body.passkeys as { id: string; usedOn: string | null }[];

describe('a key', () => {
  it('is made for whoever asked, and lets them in without a password or a code', async () => {
    const { agent, key, id, email, options } = await withPasskey();
    expect(options).toMatchObject({ rp: { id: SITE.host }, user: { name: email } });
    const factor = await begin(agent);
    await turnOn(agent, codeOf(factor)).expect(200);
    expect((await agent.get(FACTOR)).body.since).not.toBeNull();
    const { body } = await enter(key.sign(await challengeOf())).expect(201);
    expect(body.coach).toMatchObject({ id, email });
    const [{ usedOn }] = await listed(agent);
    expect(usedOn).not.toBeNull();
  });

  it.each<[string, Forged]>([
    ['of another site', { site: 'elsewhere.example' }],
    ['that another site asked for', { origin: 'https://elsewhere.example' }],
    ['whose holder was not asked', { unverified: true }],
  ])('%s is neither taken nor lets anybody in', async (_what, forged) => {
    const { agent } = await joined();
    const { body } = await beginMaking(agent).expect(200);
    const refused = await add(agent, softKey().make(body.challenge, forged)).expect(422);
    expect(refused.body.path).toBe('credential');
    const { key } = await withPasskey();
    await enter(key.sign(await challengeOf(), forged)).expect(401);
    await enter(key.sign(await challengeOf())).expect(201);
  });

  it('signs once what it was asked, and nothing that nobody asked', async () => {
    const { key } = await withPasskey();
    const signed = key.sign(await challengeOf());
    await enter(signed).expect(201);
    await enter(signed).expect(401);
    await enter(key.sign('AAAAAAAAAAAAAAAAAAAAAA')).expect(401);
    const late = await challengeOf();
    await world.owner.query(
      "UPDATE passkey_challenge SET expires_at = now() - interval '1 second'",
    );
    await enter(key.sign(late)).expect(401);
    await tidyChallenges(world.source);
    expect(await world.owner.query('SELECT 1 FROM passkey_challenge')).toEqual([]);
  });

  it('of somebody else, or of nobody, is no way in', async () => {
    const { key } = await withPasskey();
    await enter(softKey().sign(await challengeOf())).expect(401);
    const signed = key.sign(await challengeOf());
    const other = softKey().sign(await challengeOf());
    await enter({ ...other, id: signed.id, rawId: signed.id }).expect(401);
  });

  it('that is copied is found out by its count', async () => {
    const { key } = await withPasskey();
    const [early, late] = [key.sign(await challengeOf()), key.sign(await challengeOf())];
    await enter(late).expect(201);
    await enter(early).expect(401);
  });

  it('is taken away by who gave the password not long ago, and lets in no more', async () => {
    const { agent, key, id: coachId } = await withPasskey();
    const other = await withPasskey();
    const [{ id }] = await listed(agent);
    await other.agent.delete(`${PASSKEYS}/${id}`).expect(404);
    await inPractice(world.source, world.practices[0].id, (manager) =>
      manager.query(
        "UPDATE session SET confirmed_on = now() - interval '1 hour' WHERE coach_id = $1",
        [coachId],
      ),
    );
    expect((await agent.delete(`${PASSKEYS}/${id}`).expect(403)).body.code).toBe('confirm-first');
    expect((await beginMaking(agent).expect(403)).body.code).toBe('confirm-first');
    const { body } = await enter(key.sign(await challengeOf())).expect(201);
    expect(body.coach.id).toBe(coachId);
    await agent
      .post('/api/v1/account/confirm')
      .send({ password: 'seven quiet herons' })
      .expect(204);
    await agent.delete(`${PASSKEYS}/${id}`).expect(204);
    expect(await listed(agent)).toEqual([]);
    await enter(key.sign(await challengeOf())).expect(401);
  });

  it('lets nobody in who is let in no more', async () => {
    const { key, id } = await withPasskey();
    await coach.put(`/api/v1/people/${id}`).send({ role: 'coach', ended: true }).expect(204);
    await enter(key.sign(await challengeOf())).expect(401);
  });

  it('is asked for a signature no more than so often where none comes', async () => {
    const { passkeysFromPlace: most } = MOST_TRIES;
    const { key } = await withPasskey();
    for (let i = 0; i < 3; i++) await enter(key.sign(await challengeOf())).expect(201);
    for (let i = 0; i < most; i++) await challengeOf();
    await atDoor().post('/api/v1/session/passkey/begin').send({}).expect(429);
  });

  it('is not made for a server that goes by a number', async () => {
    const { agent } = await joined();
    const { body } = await agent.post(`${PASSKEYS}/begin`).send({}).expect(422);
    expect(body.code).toBe('no-name');
  });
});

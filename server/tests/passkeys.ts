import request from 'supertest';
import { joined } from './joining';
import { SITE, softKey, type Forged } from './softKey';
import { type Agent, world } from './world';

export const PASSKEYS = '/api/v1/account/passkeys';

export const beginMaking = (agent: Agent) =>
  agent.post(`${PASSKEYS}/begin`).set('Host', SITE.host).send({});
export const add = (agent: Agent, credential: object, name = 'My phone') =>
  agent.post(PASSKEYS).set('Host', SITE.host).send({ name, credential });

export const atDoor = () => request.agent(world.app).set({ 'X-Taxikine': '1', Host: SITE.host });

/** What a device is asked to sign at the door. */
export const challengeOf = async (): Promise<string> =>
  (await atDoor().post('/api/v1/session/passkey/begin').send({}).expect(200)).body.challenge;
export const enter = (credential: object) =>
  atDoor().post('/api/v1/session/passkey').send({ credential });

/** A coach who has a key. */
export async function withPasskey(forged: Forged = {}) {
  const person = await joined();
  const key = softKey();
  const { body } = await beginMaking(person.agent).expect(200);
  await add(person.agent, key.make(body.challenge, forged)).expect(204);
  return { ...person, key, options: body };
}

import type { NewFactor } from '@taxikine/core';
import { TOTP, URI } from 'otpauth';
import { joined } from './joining';
import { type Agent, NOON } from './world';

/** Where a coach's own authenticator is. */
export const FACTOR = '/api/v1/account/factor';

/** What an authenticator shows so many seconds from the server's now. */
export const codeOf = ({ address }: NewFactor, seconds = 0): string =>
  (URI.parse(address) as TOTP).generate({ timestamp: NOON.getTime() + seconds * 1000 });

export const begin = async (agent: Agent): Promise<NewFactor> =>
  (await agent.post(FACTOR).send({}).expect(201)).body;
export const turnOn = (agent: Agent, code: string) => agent.post(`${FACTOR}/on`).send({ code });

/** A coach whose authenticator is set up, with recovery codes; the code of a minute ago is used up. */
export async function withFactor() {
  const person = await joined();
  const factor = await begin(person.agent);
  const { body } = await turnOn(person.agent, codeOf(factor, -30)).expect(200);
  return { ...person, factor, codes: body.codes as string[] };
}

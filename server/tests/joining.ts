import type { Role } from '@taxikine/core';
import request from 'supertest';
import { type Agent, coach, world } from './world';

/** A password that is chosen. */
const CHOSEN = 'seven quiet herons';

let made = 0;
/** Somebody invited, with the token of their link. */
export async function invited(role: Role = 'coach', as: Agent = coach) {
  const email = `person${++made}@saltreach.example`;
  const person = { name: 'Tobiah Renn', email, role };
  const { body } = await as.post('/api/v1/people').send(person).expect(201);
  return { ...(body as { id: string; token: string }), email };
}

/** What a link opens, and a password chosen with it. */
export const welcome = (token: string) => ({
  look: () => request(world.app).get('/api/v1/welcome').set('Authorization', `Bearer ${token}`),
  choose: (password = CHOSEN) => {
    const agent = request.agent(world.app).set('X-Taxikine', '1');
    const asked = agent.post('/api/v1/welcome').set('Authorization', `Bearer ${token}`);
    return asked.send({ password });
  },
});

export const signedInAs = async (email: string, password = CHOSEN, code = '') => {
  const agent = request.agent(world.app).set('X-Taxikine', '1');
  const { status } = await agent.post('/api/v1/session').send({ email, password, code });
  return { agent, status };
};

/** Somebody who has come, and is signed in. */
export async function joined(role: Role = 'coach') {
  const person = await invited(role);
  await welcome(person.token).choose().expect(201);
  const { agent } = await signedInAs(person.email);
  return { ...person, agent };
}

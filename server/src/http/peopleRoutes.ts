import { emailSchema, idSchema, J, ROLES } from '@taxikine/core';
import { Router, type Response } from 'express';
import type { DataSource, EntityManager } from 'typeorm';
import type { KnownSessions } from '../auth/KnownSessions';
import { inPractice } from '../database/inPractice';
import { TO_ALL } from '../keeping/handOver';
import { changePerson, type PersonChange } from '../people/changePerson';
import { dropFactorOf } from '../people/dropFactorOf';
import { invite, inviteAgain, type NewPerson } from '../people/invite';
import { listPeople } from '../people/listPeople';
import type { Asking } from '../people/oneHeldBy';
import { idParam, input } from './input';
import { needConfirmed } from './needConfirmed';
import { needOwner } from './needOwner';
import { signedIn } from './needSession';

const role = () => J.valid(...ROLES).required();
export const newPersonSchema = J.object({
  name: J.string().trim().max(120).required().label('name'),
  email: emailSchema().required().label('e-mail'),
  role: role(),
});
export const personSchema = J.object({
  role: role(),
  ended: J.boolean().required(),
  handTo: J.alternatives(J.valid(TO_ALL), idSchema()).allow(null).default(null).label('handTo'),
});

const askingOf = (response: Response): Asking => {
  const { practice, coach } = signedIn(response);
  return { practiceId: practice.id, coachId: coach.id };
};

/** The people of a practice, for its owners. */
export function peopleRoutes(source: DataSource, sessions: KnownSessions): Router {
  const router = Router();
  const own = <T>(response: Response, work: (manager: EntityManager) => Promise<T>) =>
    inPractice(source, signedIn(response).practice.id, work);

  router.get('/people', needOwner, async (_request, response) => {
    response.json({ people: await own(response, listPeople) });
  });

  router.post('/people', needConfirmed(source), async (request, response) => {
    const person = input<NewPerson>(newPersonSchema, request.body);
    const asking = askingOf(response);
    const made = await own(response, (manager) => invite(manager, asking, person));
    response.status(201).json(made);
  });

  router.post('/people/:id/link', needConfirmed(source), async (request, response) => {
    const { id } = input<{ id: string }>(idParam, request.params);
    const asking = askingOf(response);
    const token = await own(response, (manager) => inviteAgain(manager, asking, id));
    response.status(201).json({ token });
  });

  router.delete('/people/:id/factor', needConfirmed(source), async (request, response) => {
    const { id } = input<{ id: string }>(idParam, request.params);
    const asking = askingOf(response);
    await own(response, (manager) => dropFactorOf(manager, asking, id));
    response.status(204).end();
  });

  router.put('/people/:id', needConfirmed(source), async (request, response) => {
    const { id } = input<{ id: string }>(idParam, request.params);
    const change = input<PersonChange>(personSchema, request.body);
    const asking = askingOf(response);
    const hashes = await own(response, (manager) => changePerson(manager, asking, id, change));
    for (const hash of hashes) sessions.forget(hash);
    response.status(204).end();
  });

  return router;
}

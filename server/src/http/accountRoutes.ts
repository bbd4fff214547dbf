import { idSchema, J } from '@taxikine/core';
import { Router, type Request } from 'express';
import type { DataSource, EntityManager } from 'typeorm';
import { noteDeed } from '../audit/noteDeed';
import { changePassword } from '../auth/changePassword';
import { confirm } from '../auth/confirmed';
import type { KnownSessions } from '../auth/KnownSessions';
import { needPassword } from '../auth/needPassword';
import { endSessions, ownSessions, type Which } from '../auth/ownSessions';
import { placeOf } from '../auth/placeOf';
import type { SignedIn } from '../auth/sessions';
import type { Tries } from '../auth/tries';
import { inPractice } from '../database/inPractice';
import { notFound, notSignedIn } from '../ground/errors';
import { input } from './input';
import { needConfirmed } from './needConfirmed';
import { signedIn } from './needSession';
import { maybeToken } from './sessionCookie';

const password = () => J.string().max(400).required();
export const passwordSchema = J.object({ current: password(), next: password() });
export const nameSchema = J.object({ name: J.string().trim().max(120).required().label('name') });
export const confirmSchema = J.object({ password: password().label('password') });
const oneSchema = J.object({ session: idSchema() });

/** @throws AppError 401 without one */
function tokenOf(request: Request): string {
  const token = maybeToken(request);
  if (!token) throw notSignedIn();
  return token;
}

/** A coach's own account: where it is signed in, and its password. Behind `needSession`. */
export function accountRoutes(source: DataSource, sessions: KnownSessions, tries: Tries): Router {
  const router = Router();
  const forget = (hashes: readonly Buffer[]) => hashes.forEach((hash) => sessions.forget(hash));
  const own = <T>(practiceId: string, work: (manager: EntityManager) => Promise<T>) =>
    inPractice(source, practiceId, work);
  const ended = ({ coach, practice }: SignedIn, which: Which) =>
    own(practice.id, async (manager) => {
      const hashes = await endSessions(manager, coach.id, which);
      for (const _ of hashes) await noteDeed(manager, { by: coach.id, deed: 'session-ended' });
      return hashes;
    });

  router.get('/account/sessions', async (request, response) => {
    const { coach, practice } = signedIn(response);
    const token = tokenOf(request);
    const list = await own(practice.id, (manager) => ownSessions(manager, coach.id, token));
    response.json({ sessions: list });
  });

  router.delete('/account/sessions', async (request, response) => {
    forget(await ended(signedIn(response), { allBut: tokenOf(request) }));
    response.status(204).end();
  });

  router.delete('/account/sessions/:session', async (request, response) => {
    const { session } = input<{ session: string }>(oneSchema, request.params);
    const hashes = await ended(signedIn(response), { id: session });
    if (hashes.length === 0) throw notFound('session');
    forget(hashes);
    response.status(204).end();
  });

  // Asked before what is long to send: an upload that is refused half-way looks like a line that broke.
  router.get('/account/confirm', needConfirmed(source), (_request, response) => {
    response.status(204).end();
  });

  router.post('/account/confirm', async (request, response) => {
    const { password } = input<{ password: string }>(confirmSchema, request.body);
    const { coach, practice } = signedIn(response);
    const said = { email: coach.email, password, place: placeOf(request.ip) };
    await needPassword(source, tries, said, 'password');
    const token = tokenOf(request);
    await own(practice.id, (manager) => confirm(manager, token));
    response.status(204).end();
  });

  router.put('/account/name', async (request, response) => {
    const { name } = input<{ name: string }>(nameSchema, request.body);
    const { coach, practice } = signedIn(response);
    await own(practice.id, async (manager) => {
      await manager.query('UPDATE coach SET name = $2 WHERE id = $1', [coach.id, name]);
      await noteDeed(manager, { by: coach.id, deed: 'name-changed', detail: coach.name });
    });
    sessions.forgetAll();
    response.json({ name });
  });

  router.post('/account/password', async (request, response) => {
    const said = input<{ current: string; next: string }>(passwordSchema, request.body);
    const changing = { ...said, token: tokenOf(request), place: placeOf(request.ip) };
    const hashes = await changePassword(source, tries, signedIn(response), changing);
    forget(hashes);
    response.json({ ended: hashes.length });
  });

  return router;
}

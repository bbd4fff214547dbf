import type { Role } from '@taxikine/core';
import type { EntityManager } from 'typeorm';
import { noteDeed } from '../audit/noteDeed';
import { isUniqueViolation } from '../database/databaseErrors';
import { AppError, invalid } from '../ground/errors';
import { makeCoachLink } from './coachLinks';
import { oneHeldBy, type Asking } from './oneHeldBy';

export interface NewPerson {
  readonly name: string;
  readonly email: string;
  readonly role: Role;
}

/**
 * Invites somebody: they are there, without a password, and the link by which they choose one is told this once.
 *
 * @throws AppError 403 when they are no owner any more, 409 when the address has an account
 */
export async function invite(
  manager: EntityManager,
  { practiceId, coachId }: Asking,
  { name, email, role }: NewPerson,
): Promise<{ id: string; token: string }> {
  await oneHeldBy(manager, { practiceId, coachId }, coachId);
  const id = crypto.randomUUID();
  await manager
    .query('INSERT INTO coach (id, practice_id, name, email, role) VALUES ($1, $2, $3, $4, $5)', [
      id,
      practiceId,
      name.trim(),
      email.trim().toLowerCase(),
      role,
    ])
    .catch((error: unknown) => {
      if (!isUniqueViolation(error)) throw error;
      throw new AppError(
        409,
        { code: 'known-address', message: 'This address has an account already.', path: 'email' },
        { cause: error },
      );
    });
  await noteDeed(manager, { by: coachId, deed: 'invited', to: id, detail: role });
  return {
    id,
    token: await makeCoachLink(manager, { practiceId, coachId: id, purpose: 'invite' }),
  };
}

/** Another link for somebody who has not come yet, in place of the last one. */
export async function inviteAgain(
  manager: EntityManager,
  asking: Asking,
  id: string,
): Promise<string> {
  const { state } = await oneHeldBy(manager, asking, id);
  if (state !== 'invited')
    throw invalid('They have chosen a password already.', 'id', 'They can ask for another one.');
  const { practiceId, coachId } = asking;
  await noteDeed(manager, { by: coachId, deed: 'invited-again', to: id });
  return makeCoachLink(manager, { practiceId, coachId: id, purpose: 'invite' });
}

import type { PersonShown } from '@taxikine/core';
import type { EntityManager } from 'typeorm';
import { AppError, notFound } from '../ground/errors';
import { heldPeople } from './listPeople';

export const ownerOnly = new AppError(403, {
  code: 'owner-only',
  message: 'Only an owner of the practice does this.',
  hint: 'Ask one of them.',
});

/** Who asks, of which practice. */
export interface Asking {
  readonly practiceId: string;
  readonly coachId: string;
}

/**
 * Somebody of the practice, held until the work is over, while the one who asks is still its owner.
 *
 * @throws AppError 403 when they are not, 404 when there is nobody like that
 */
export async function oneHeldBy(
  manager: EntityManager,
  { coachId }: Asking,
  id: string,
): Promise<PersonShown> {
  const people = await heldPeople(manager);
  const isOwner = ({ id: one, role, state }: PersonShown) =>
    one === coachId && role === 'owner' && state === 'here';
  if (!people.some(isOwner)) throw ownerOnly;
  const person = people.find((one) => one.id === id);
  if (!person) throw notFound('person');
  return person;
}

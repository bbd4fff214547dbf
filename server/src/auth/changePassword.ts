import type { DataSource } from 'typeorm';
import { noteDeed } from '../audit/noteDeed';
import { inPractice } from '../database/inPractice';
import { Coach } from '../database/entities/Coach';
import { invalid } from '../ground/errors';
import { askToWarn } from '../jobs/askToWarn';
import { maybeWeakPassword } from './maybeWeakPassword';
import { needPassword } from './needPassword';
import { endSessions } from './ownSessions';
import { hashOfPassword } from './passwords';
import type { SignedIn } from './sessions';
import type { Tries } from './tries';

export interface Changing {
  readonly current: string;
  readonly next: string;
  /** Of the session that asks, which goes on. */
  readonly token: string;
  /** Where the request is from. */
  readonly place: string;
}

/**
 * Gives a coach another password. Everywhere else they are signed out, and they are written to: whoever did it, they
 * hear of it.
 *
 * @returns hashes of the tokens of the sessions that were ended
 * @throws AppError 422 with the field that is wrong, 429 when too much has failed
 */
export async function changePassword(
  source: DataSource,
  tries: Tries,
  { coach, practice }: SignedIn,
  changing: Changing,
): Promise<Buffer[]> {
  const { current, next, token, place } = changing;
  const weak = await maybeWeakPassword(next, coach.email);
  if (weak) throw invalid(weak, 'next', 'Choose another one.');
  await needPassword(source, tries, { email: coach.email, password: current, place }, 'current');
  if (next === current) throw invalid('This is the one you have.', 'next', 'Choose another one.');
  const passwordHash = await hashOfPassword(next);
  return inPractice(source, practice.id, async (manager) => {
    await manager.update(Coach, { id: coach.id }, { passwordHash });
    await noteDeed(manager, { by: coach.id, deed: 'password-changed' });
    await askToWarn(manager, { practiceId: practice.id, coachId: coach.id, of: 'new-password' });
    return endSessions(manager, coach.id, { allBut: token });
  });
}

import type { DataSource } from 'typeorm';
import { noteDeed } from '../audit/noteDeed';
import { maybeWeakPassword } from '../auth/maybeWeakPassword';
import { endSessions } from '../auth/ownSessions';
import { hashOfPassword } from '../auth/passwords';
import { beginSession } from '../auth/sessions';
import { Coach } from '../database/entities/Coach';
import { inPractice } from '../database/inPractice';
import { invalid } from '../ground/errors';
import { isFactorOn } from '../factor/factorOf';
import { askToWarn } from '../jobs/askToWarn';
import { oneCoachLink, useUp } from './coachLinks';

export interface Choosing {
  readonly token: string;
  readonly password: string;
  /** What the device says of itself. */
  readonly agent: string;
}

/**
 * Of the session that begins, and hashes of the tokens of those that ended. None begins where a code is asked for at
 * the door: a letter is no way around it.
 */
export interface Chosen {
  readonly session: string | null;
  readonly ended: readonly Buffer[];
}

/**
 * Chooses a password with a link: the first one, or another. The link is used up, whoever else was signed in is not
 * any more, and of another password the coach is written to.
 *
 * @throws AppError 410 when the link opens nothing, 422 when the password is guessed too soon
 */
export async function choosePassword(
  source: DataSource,
  { token, password, agent }: Choosing,
): Promise<Chosen> {
  const { coachId, practiceId, shown } = await oneCoachLink(source, token);
  const weak = await maybeWeakPassword(password, shown.email);
  if (weak) throw invalid(weak, 'password', 'Choose another one.');
  const passwordHash = await hashOfPassword(password);
  return inPractice(source, practiceId, async (manager) => {
    await useUp(manager, coachId, token);
    await manager.update(Coach, { id: coachId }, { passwordHash });
    await noteDeed(manager, { by: coachId, deed: 'password-chosen' });
    const ended = await endSessions(manager, coachId, 'all');
    if (shown.purpose === 'reset')
      await askToWarn(manager, { practiceId, coachId, of: 'new-password' });
    if (await isFactorOn(manager, coachId)) return { ended, session: null };
    return { ended, session: await beginSession(manager, { practiceId, coachId, agent }) };
  });
}

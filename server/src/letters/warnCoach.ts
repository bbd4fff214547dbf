import type { DataSource } from 'typeorm';
import { MOST_TRIES } from '../auth/tries';
import { Coach } from '../database/entities/Coach';
import { inPractice } from '../database/inPractice';
import type { JobData } from '../jobs/queues';
import type { Letter, Sender } from './sender';

type Warning = Pick<Letter, 'subject' | 'text'>;

const GUESSES = `Somebody has tried ${MOST_TRIES.account} wrong passwords for your account within a quarter of an hour.

For up to a quarter of an hour your account opens only where you have signed in before.

If it was you: wait, and try again. If it was not: a long password of its own for this account is what helps.`;

const NEW_PASSWORD = `The password of your account was changed. Wherever else you were signed in, you are signed out.

If it was you, there is nothing to do. If it was not: tell the owner of your practice at once.`;

const FACTOR_OFF = `Your account asks for no code of an authenticator any more: the password alone opens it.

If it was you, or you asked the owner of your practice for it, there is nothing to do. If not: change your password, and tell them at once.`;

/** What is written about each matter. */
const WARNINGS: Readonly<Record<NonNullable<JobData['warn-coach']['of']>, Warning>> = {
  guesses: { subject: 'Wrong passwords for your account', text: GUESSES },
  'factor-off': { subject: 'No code is asked for any more', text: FACTOR_OFF },
  'new-password': { subject: 'Your password was changed', text: NEW_PASSWORD },
};

/** Tells a coach what happens to their account: somebody guesses at its password, or it has a new one. */
export async function warnCoach(
  source: DataSource,
  sender: Sender,
  { practiceId, coachId, warningId: id, of = 'guesses' }: JobData['warn-coach'],
): Promise<void> {
  const letter = await inPractice(source, practiceId, async (manager): Promise<Letter | null> => {
    const coach = await manager.findOne(Coach, {
      where: { id: coachId },
      select: { id: true, name: true, email: true },
    });
    if (!coach) return null;
    const [{ name: from }] = await manager.query('SELECT name FROM own_practice()');
    const { name, email } = coach;
    return { id, from, to: { name, email }, ...WARNINGS[of] };
  });
  if (letter) await sender.send(letter);
}

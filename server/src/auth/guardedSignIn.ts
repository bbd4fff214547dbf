import type { DataSource } from 'typeorm';
import { noteDeed } from '../audit/noteDeed';
import { inPractice } from '../database/inPractice';
import { AppError } from '../errors';
import { askToWarn } from '../letters/askToWarn';
import { maybeSignIn } from './sessions';
import { ofAccountFrom, type Failure, type Tries } from './tries';

export interface SigningIn {
  readonly email: string;
  readonly password: string;
  /** Where the request is from. */
  readonly place: string;
  /** What the device says of itself. */
  readonly agent: string;
}

const wrong = new AppError(401, {
  code: 'wrong-sign-in',
  message: 'E-mail and password do not belong together.',
  path: 'password',
});

/** Whoever the account is of hears of it: their account is held for a while, except where they have signed in before. */
async function warn(source: DataSource, email: string): Promise<void> {
  const [coach] = (await source.query('SELECT id, practice_id FROM coach_for_sign_in($1)', [
    email,
  ])) as { id: string; practice_id: string }[];
  if (!coach) return;
  const { id: coachId, practice_id: practiceId } = coach;
  await inPractice(source, practiceId, async (manager) => {
    await noteDeed(manager, { by: coachId, deed: 'guessed-at' });
    await askToWarn(manager, { practiceId, coachId, of: 'guesses' });
  });
}

/**
 * A token for e-mail and password that belong together. Only what fails stays counted: for the account from one place,
 * for the account from anywhere, and for the place. It is counted before the password is looked at: else any number
 * of guesses that are made at once would see no count.
 *
 * @throws AppError 401 when they do not, 429 when too much has failed
 */
export async function guardedSignIn(
  source: DataSource,
  tries: Tries,
  { email, password, place, agent }: SigningIn,
): Promise<string> {
  const account = email.trim().toLowerCase();
  const own = ofAccountFrom(account, place);
  const [, here] = own;
  const others: Failure[] = [
    ['account', account],
    ['place', place],
  ];
  const isKnown = await tries.isKnown(here);
  await tries.take(1, own);
  const reached = await (isKnown ? tries.note : tries.take)(1, ...others);
  const token = await maybeSignIn(source, account, password, agent);
  if (!token) {
    if (reached.includes('account')) await warn(source, account);
    throw wrong;
  }
  await tries.giveBack(1, ...others);
  await tries.forget(own);
  await tries.know(here);
  return token;
}

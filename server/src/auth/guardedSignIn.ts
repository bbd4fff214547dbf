import type { DataSource } from 'typeorm';
import { noteDeed } from '../audit/noteDeed';
import { inPractice } from '../database/inPractice';
import { AppError } from '../ground/errors';
import { needCode, needFactor } from '../factor/needFactor';
import { askToWarn } from '../jobs/askToWarn';
import { beginSession, maybeCoachBy } from './sessions';
import { ofAccountFrom, type Failure, type Tries } from './tries';

export interface SigningIn {
  readonly email: string;
  readonly password: string;
  /** Of an authenticator, or one that was written down; empty without. */
  readonly code: string;
  readonly now: Date;
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
 * A token for whoever e-mail, password and code belong to.
 *
 * @throws AppError 401 when one of them is wrong or lacks
 */
async function opened(source: DataSource, email: string, said: SigningIn): Promise<string> {
  const coach = await maybeCoachBy(source, email, said.password);
  if (!coach) throw wrong;
  return inPractice(source, coach.practiceId, async (manager) => {
    await needFactor(manager, coach.coachId, said.code, said.now);
    return beginSession(manager, { ...coach, agent: said.agent });
  });
}

/** That no code came with a password that is right is no failure: it is how it begins. */
const isFailure = (error: unknown): boolean =>
  error instanceof AppError && error.status === 401 && error !== needCode;

/**
 * A token for e-mail and password that belong together. Only what fails stays counted: for the account from one place,
 * for the account from anywhere, and for the place. That it is tried is counted before the password is looked at: else
 * any number of guesses that are made at once would see no count. A code is guessed at as a password is, and counted with it.
 *
 * @throws AppError 401 when they do not or a code is needed too, 429 when too much has failed
 */
export async function guardedSignIn(
  source: DataSource,
  tries: Tries,
  said: SigningIn,
): Promise<string> {
  const { place } = said;
  const account = said.email.trim().toLowerCase();
  const own = ofAccountFrom(account, place);
  const [, here] = own;
  const others: Failure[] = [
    ['account', account],
    ['place', place],
  ];
  const isKnown = await tries.isKnown(here);
  const held = isKnown ? [own] : [own, ...others];
  await tries.begin(...held);
  try {
    const token = await opened(source, account, said);
    await tries.forget(own);
    await tries.know(here);
    return token;
  } catch (error) {
    if (isFailure(error) && (await tries.failed(own, ...others)).includes('account'))
      await warn(source, account);
    throw error;
  } finally {
    await tries.end(...held);
  }
}

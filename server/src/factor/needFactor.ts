import type { EntityManager } from 'typeorm';
import { noteDeed } from '../audit/noteDeed';
import { AppError } from '../ground/errors';
import { maybeFactorOf } from './factorOf';
import { isGoodCode } from './isGoodCode';
import { useCode } from './recoveryCodes';

/** Not a failure: the password was right, and no code came with it. */
export const needCode = new AppError(401, {
  code: 'need-code',
  message: 'A code is needed too.',
  path: 'code',
  hint: 'Six digits of your authenticator, or one of your recovery codes.',
});

const wrongCode = new AppError(401, {
  code: 'wrong-code',
  message: 'This code is not good, or not any more.',
  path: 'code',
  hint: 'Wait for the next one of your authenticator, or take a recovery code.',
});

const SIX_DIGITS = /^\d{6}$/;

/**
 * Asks at the door for what an account has besides its password: nothing, or a code of the authenticator, or one
 * that was written down.
 *
 * @param said as it was typed; empty when nothing was
 * @throws AppError 401 without a code, or with a wrong one
 */
export async function needFactor(
  manager: EntityManager,
  coachId: string,
  said: string,
  now: Date,
): Promise<void> {
  const factor = await maybeFactorOf(manager, coachId);
  if (!factor?.onSince) return;
  const code = said.replaceAll(/\s/g, '');
  if (code === '') throw needCode;
  const { secret } = factor;
  if (SIX_DIGITS.test(code)) {
    if (await isGoodCode(manager, coachId, { secret, code, now })) return;
    throw wrongCode;
  }
  if (!(await useCode(manager, coachId, code))) throw wrongCode;
  await noteDeed(manager, { by: coachId, deed: 'recovery-used' });
}

import type { FactorShown, NewFactor } from '@taxikine/core';
import type { EntityManager } from 'typeorm';
import { noteDeed } from '../audit/noteDeed';
import { AppError, invalid } from '../ground/errors';
import { addressOf, newSecret } from './authenticator';
import { maybeFactorOf } from './factorOf';
import { isGoodCode } from './isGoodCode';
import { countCodes, renewCodes } from './recoveryCodes';

export interface Of {
  readonly id: string;
  readonly email: string;
}

const isOn = new AppError(409, {
  code: 'factor-on',
  message: 'A code is asked for already.',
  hint: 'Turn it off first to set up another authenticator.',
});

const isOff = new AppError(409, {
  code: 'factor-off',
  message: 'No code is asked for.',
  hint: 'Set up an authenticator first.',
});

/** How it stands, as the coach themselves is told. */
export async function showFactor(manager: EntityManager, coachId: string): Promise<FactorShown> {
  const since = (await maybeFactorOf(manager, coachId))?.onSince ?? null;
  return { since, recoveryLeft: since ? await countCodes(manager, coachId) : 0 };
}

/**
 * A secret for an authenticator. It is asked for at the door only once a code of it has come.
 *
 * @throws AppError 409 when one is asked for already
 */
export async function beginFactor(manager: EntityManager, { id, email }: Of): Promise<NewFactor> {
  if ((await maybeFactorOf(manager, id))?.onSince) throw isOn;
  const secret = newSecret();
  await manager.query(
    `INSERT INTO second_factor (practice_id, coach_id, secret)
     VALUES (current_setting('app.practice_id')::uuid, $1, $2)
     ON CONFLICT (practice_id, coach_id) DO UPDATE SET secret = $2, last_step = 0`,
    [id, secret],
  );
  return { secret, address: addressOf(secret, email) };
}

/**
 * From now on a code is asked for at the door, as the authenticator makes them.
 *
 * @returns recovery codes, told this once
 * @throws AppError 409 when none was begun or one is on, 422 when the code is none of it
 */
export async function turnOnFactor(
  manager: EntityManager,
  coachId: string,
  said: { readonly code: string; readonly now: Date },
): Promise<string[]> {
  const factor = await maybeFactorOf(manager, coachId);
  if (!factor) throw isOff;
  if (factor.onSince) throw isOn;
  const code = said.code.replaceAll(/\s/g, '');
  if (!(await isGoodCode(manager, coachId, { ...said, code, secret: factor.secret })))
    throw invalid(
      'This is not the code that the authenticator shows now.',
      'code',
      'Look whether the clock of the phone is right.',
    );
  await manager.query('UPDATE second_factor SET on_since = now() WHERE coach_id = $1', [coachId]);
  await noteDeed(manager, { by: coachId, deed: 'factor-on' });
  return renewCodes(manager, coachId);
}

/**
 * @returns new recovery codes; those from before open nothing any more
 * @throws AppError 409 when no code is asked for
 */
export async function renewRecovery(manager: EntityManager, coachId: string): Promise<string[]> {
  if (!(await maybeFactorOf(manager, coachId))?.onSince) throw isOff;
  await noteDeed(manager, { by: coachId, deed: 'recovery-renewed' });
  return renewCodes(manager, coachId);
}

/** Asks for no code any more; says whether one was asked for. */
export async function dropFactor(
  manager: EntityManager,
  coachId: string,
  by: string,
): Promise<boolean> {
  const was = Boolean((await maybeFactorOf(manager, coachId))?.onSince);
  await manager.query('DELETE FROM second_factor WHERE coach_id = $1', [coachId]);
  if (was) {
    const to = by === coachId ? {} : { to: coachId };
    await noteDeed(manager, { by, ...to, deed: 'factor-off' });
  }
  return was;
}

import type { EntityManager } from 'typeorm';
import { invalid } from '../ground/errors';
import { dropFactor } from '../factor/changeFactor';
import { askToWarn } from '../jobs/askToWarn';
import { dropPasskeysOf } from '../passkeys/ownPasskeys';
import { oneHeldBy, type Asking } from './oneHeldBy';

/**
 * Lets somebody in by the password alone, who has lost both the phone and what was written down: no code, and none of
 * their passkeys any more. They are written to.
 *
 * @throws AppError 422 when it is themselves: that is done in their own account
 */
export async function dropFactorOf(
  manager: EntityManager,
  asking: Asking,
  id: string,
): Promise<void> {
  if (id === asking.coachId)
    throw invalid('Your own is turned off in your account.', 'id', 'Open your account.');
  await oneHeldBy(manager, asking, id);
  // Who has lost a phone has lost the keys on it; another phone makes new ones.
  await dropPasskeysOf(manager, id, asking.coachId);
  const was = await dropFactor(manager, id, asking.coachId);
  const about = { practiceId: asking.practiceId, coachId: id, of: 'factor-off' } as const;
  if (was) await askToWarn(manager, about);
}

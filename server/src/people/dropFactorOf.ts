import type { EntityManager } from 'typeorm';
import { invalid } from '../errors';
import { dropFactor } from '../factor/changeFactor';
import { askToWarn } from '../letters/askToWarn';
import { oneHeldBy, type Asking } from './oneHeldBy';

/**
 * Lets somebody in by the password alone, who has lost both the phone and what was written down. They are written to.
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
  const was = await dropFactor(manager, id, asking.coachId);
  const about = { practiceId: asking.practiceId, coachId: id, of: 'factor-off' } as const;
  if (was) await askToWarn(manager, about);
}

import type { DataSource, EntityManager } from 'typeorm';
import { commitSafely } from './commitSafely';

/**
 * Whose rows are seen: a practice's, all of them; or those of it that are open to one coach, who does not see a
 * client that is kept to another.
 */
export type Sight = string | { readonly practiceId: string; readonly coachId: string };

/** What the policies of the tables look at: the practice, and who sees; empty for all of the practice. */
export const settingsOf = (sight: Sight): [practiceId: string, seesAs: string] =>
  typeof sight === 'string' ? [sight, ''] : [sight.practiceId, sight.coachId];

/**
 * Runs work in one transaction that can see and write only the rows of this practice, or of this coach in it.
 *
 * @throws AppError 503 when it was committed, but no standby is known to have it
 */
export async function inPractice<T>(
  source: DataSource,
  sight: Sight,
  work: (manager: EntityManager) => Promise<T>,
): Promise<T> {
  const runner = source.createQueryRunner();
  try {
    await runner.startTransaction();
    await runner.query(
      `SELECT set_config('app.practice_id', $1, true), set_config('app.sees_as', $2, true)`,
      settingsOf(sight),
    );
    const result = await work(runner.manager);
    await commitSafely(source, runner);
    return result;
  } catch (error) {
    // Gone with its line, or over already: what went wrong first is what is told.
    if (runner.isTransactionActive) await runner.rollbackTransaction().catch(() => undefined);
    throw error;
  } finally {
    await runner.release();
  }
}

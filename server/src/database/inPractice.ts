import type { DataSource, EntityManager } from 'typeorm';

/**
 * Whose rows are seen: a practice's, all of them; or those of it that are open to one coach, who does not see a
 * client that is kept to another.
 */
export type Sight = string | { readonly practiceId: string; readonly coachId: string };

/** What the policies of the tables look at: the practice, and who sees; empty for all of the practice. */
export const settingsOf = (sight: Sight): [practiceId: string, seesAs: string] =>
  typeof sight === 'string' ? [sight, ''] : [sight.practiceId, sight.coachId];

/** Runs work in one transaction that can see and write only the rows of this practice, or of this coach in it. */
export const inPractice = <T>(
  source: DataSource,
  sight: Sight,
  work: (manager: EntityManager) => Promise<T>,
): Promise<T> =>
  source.transaction(async (manager) => {
    await manager.query(
      `SELECT set_config('app.practice_id', $1, true), set_config('app.sees_as', $2, true)`,
      settingsOf(sight),
    );
    return work(manager);
  });

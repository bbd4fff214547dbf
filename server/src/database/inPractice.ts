import type { DataSource, EntityManager } from 'typeorm';

/** Runs work in one transaction that can see and write only the rows of this practice. */
export const inPractice = <T>(
  source: DataSource,
  practiceId: string,
  work: (manager: EntityManager) => Promise<T>,
): Promise<T> =>
  source.transaction(async (manager) => {
    await manager.query(`SELECT set_config('app.practice_id', $1, true)`, [practiceId]);
    return work(manager);
  });

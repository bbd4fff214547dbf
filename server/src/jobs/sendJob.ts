import PgBoss from 'pg-boss';
import type { EntityManager } from 'typeorm';
import type { JobData, QueueName } from './queues';

/** It is never started and has no connection of its own: it knows how a job is written, no more. */
const boss = new PgBoss({
  db: { executeSql: () => Promise.reject(new Error('jobs are given out in a transaction')) },
});

/** Rows of any statement: TypeORM hands those of an update back in another shape. */
const inTransaction = (manager: EntityManager): PgBoss.Db => ({
  async executeSql(text, values) {
    const { records } = await manager.queryRunner!.query(text, values, true);
    return { rows: records };
  },
});

interface Options {
  /** In a queue that is `short`, no second job with this key waits. */
  readonly key?: string;
  /** A job whose id is there already is not added. */
  readonly id?: string;
}

/** Gives out a job in the transaction of the write that asks for it: both are kept, or neither is. */
export async function sendJob<Q extends QueueName>(
  manager: EntityManager,
  queue: Q,
  data: JobData[Q],
  { key, id }: Options = {},
): Promise<void> {
  await boss.send(queue, data, { db: inTransaction(manager), singletonKey: key, id });
}

/** Tries a job again that had failed for good. */
export const retryJob = (manager: EntityManager, queue: string, id: string): Promise<void> =>
  boss.retry(queue, id, { db: inTransaction(manager) });

/** Forgets a job, so that its id can be given out anew. */
export const forgetJob = (manager: EntityManager, queue: string, id: string): Promise<void> =>
  boss.deleteJob(queue, id, { db: inTransaction(manager) });

import { createHash } from 'node:crypto';
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
  /** In a queue that is `short`, no second job of the practice with this key waits. */
  readonly key?: string;
  /** As `jobIdOf` makes them: a job whose id is there already is not added. */
  readonly id?: string;
}

/** Another practice's record may have the same id; its job has another. */
export const jobIdOf = (practiceId: string, what: string): string =>
  createHash('sha256')
    .update(`${practiceId} ${what}`)
    .digest('hex')
    .slice(0, 32)
    .replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5');

/** Gives out a job in the transaction of the write that asks for it: both are kept, or neither is. */
export async function sendJob<Q extends QueueName>(
  manager: EntityManager,
  queue: Q,
  data: JobData[Q],
  { key, id }: Options = {},
): Promise<void> {
  const ofPractice = 'practiceId' in data && key ? `${data.practiceId}:${key}` : key;
  await boss.send(queue, data, { db: inTransaction(manager), singletonKey: ofPractice, id });
}

/** Tries a job again that had failed for good. */
export const retryJob = (manager: EntityManager, queue: string, id: string): Promise<void> =>
  boss.retry(queue, id, { db: inTransaction(manager) });

/** Forgets a job, so that its id can be given out anew. */
export const forgetJob = (manager: EntityManager, queue: string, id: string): Promise<void> =>
  boss.deleteJob(queue, id, { db: inTransaction(manager) });

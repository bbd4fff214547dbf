import PgBoss from 'pg-boss';
import type { Logger } from 'pino';
import {
  BATCH_HANDLERS,
  HANDLERS,
  type BatchQueue,
  type SingleQueue,
  type WorkWith,
} from './handlers';
import { QUEUE_NAMES, type JobData, type QueueName } from '../jobs/queues';
import { WORKER_NAME } from '../jobs/workerName';

export interface WorkerOptions extends WorkWith {
  readonly appUrl: string;
  readonly log: Logger;
}

const DAY_S = 86_400;

/** How long what is over stays to be looked at, and how soon a try that died is found. */
const UPKEEP = {
  archiveCompletedAfterSeconds: 3600,
  archiveFailedAfterSeconds: 7 * DAY_S,
  deleteAfterDays: 7,
  maintenanceIntervalSeconds: 15,
};

/** Somebody waits for these; nobody for the others. */
const LOOK_EVERY_S: Partial<Record<QueueName, number>> = {
  'make-paper': 0.5,
  'make-archive': 0.5,
  'put-back': 0.5,
};
const lookEvery = (queue: QueueName): number => LOOK_EVERY_S[queue] ?? 2;
/** Few enough that a batch is over long before it is taken for dead. */
const BATCH = 500;

const isBatch = (queue: QueueName): queue is BatchQueue => queue in BATCH_HANDLERS;

/**
 * Works on the jobs there are, as the role that owns nothing. Many workers may run beside one another.
 *
 * @returns what ends it: jobs that are under way are finished first
 */
export async function startWorker({
  appUrl,
  log,
  ...using
}: WorkerOptions): Promise<() => Promise<void>> {
  const boss = new PgBoss({
    connectionString: appUrl,
    application_name: WORKER_NAME,
    migrate: false,
    max: 4,
    ...UPKEEP,
  });
  // Not the error as it is: it carries the connection, and all that was told to it.
  boss.on('error', ({ name, stack }) => log.error({ err: { name, stack } }, 'worker'));
  await boss.start();
  for (const queue of QUEUE_NAMES)
    await (isBatch(queue)
      ? workOnBatches(boss, queue, using, log)
      : workOn(boss, queue as SingleQueue, using, log));
  // What fell due while no worker was there.
  await boss.send('every-hour', {}, { singletonKey: 'hour' });
  return () => boss.stop({ graceful: true, wait: true, timeout: 5000 });
}

async function workOn<Q extends SingleQueue>(
  boss: PgBoss,
  queue: Q,
  using: WorkWith,
  log: Logger,
): Promise<void> {
  const pollingIntervalSeconds = lookEvery(queue);
  await boss.work<JobData[Q]>(queue, { pollingIntervalSeconds }, async ([{ id, data }]) => {
    const began = Date.now();
    try {
      await HANDLERS[queue](data, using);
      log.info({ queue, id, ms: Date.now() - began }, 'done');
    } catch (error) {
      log.warn({ queue, id, err: error }, 'not done');
      throw error;
    }
  });
}

/** Jobs that failed are said to have, one by one; the rest of their batch is done. */
async function workOnBatches<Q extends BatchQueue>(
  boss: PgBoss,
  queue: Q,
  using: WorkWith,
  log: Logger,
): Promise<void> {
  const options = { pollingIntervalSeconds: lookEvery(queue), batchSize: BATCH };
  await boss.work<JobData[Q]>(queue, options, async (jobs) => {
    const began = Date.now();
    const outcomes = await BATCH_HANDLERS[queue](
      jobs.map(({ data }) => data),
      using,
    );
    for (const [i, outcome] of outcomes.entries()) {
      if (outcome.status === 'done') continue;
      log.warn({ queue, id: jobs[i].id, err: outcome.error }, 'not done');
      await boss.fail(queue, jobs[i].id, outcome.error as object);
    }
    log.info({ queue, jobs: jobs.length, ms: Date.now() - began }, 'done');
  });
}

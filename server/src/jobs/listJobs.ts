import type { JobShown, JobsShown } from '@taxikine/core';
import type { EntityManager } from 'typeorm';
import { AppError } from '../ground/errors';
import { QUEUE_NAMES } from './queues';
import { retryJob } from './sendJob';
import { WORKER_NAME } from './workerName';

/** A job that takes longer to begin than this is taken for stuck. */
const STUCK_AFTER_S = 120;

const OPEN = `data ->> 'practiceId' = $1 AND name = ANY($2) AND state IN ('created', 'retry', 'active')`;

const STUCK = `
SELECT id, name AS queue, data ->> 'clientId' AS client_id,
  CASE state WHEN 'failed' THEN completed_on ELSE created_on END AS since,
  retry_count + (started_on IS NOT NULL)::int AS tries,
  CASE state WHEN 'failed' THEN 'failed' WHEN 'retry' THEN 'retrying' ELSE 'waiting' END AS state,
  coalesce(output ->> 'message', output -> 'value' ->> 'message') AS problem
FROM pgboss.job
WHERE data ->> 'practiceId' = $1 AND name = ANY($2)
  AND (state IN ('failed', 'retry')
    OR state = 'created' AND greatest(created_on, start_after) < now() - make_interval(secs => $3))
ORDER BY since LIMIT 100`;

interface StuckRow extends Omit<JobShown, 'clientId' | 'since'> {
  readonly client_id: string | null;
  readonly since: Date;
}

/** How a practice's background work stands, without the clients' names. */
export async function listJobs(
  manager: EntityManager,
  practiceId: string,
): Promise<Omit<JobsShown, 'names'>> {
  const [{ open }] = await manager.query(
    `SELECT count(*)::int AS open FROM pgboss.job WHERE ${OPEN}`,
    [practiceId, QUEUE_NAMES],
  );
  const rows: StuckRow[] = await manager.query(STUCK, [practiceId, QUEUE_NAMES, STUCK_AFTER_S]);
  const [{ workers }] = await manager.query(
    `SELECT count(*)::int AS workers FROM pg_stat_activity
     WHERE application_name = $1 AND datname = current_database()`,
    [WORKER_NAME],
  );
  const stuck = rows.map(({ client_id: clientId, since, ...row }) => ({
    ...row,
    clientId,
    since: since.toISOString(),
  }));
  const stillOpen = stuck.filter(({ state }) => state !== 'failed').length;
  return { working: workers > 0, underWay: open - stillOpen, stuck };
}

const nothingFailed = new AppError(409, {
  code: 'not-failed',
  message: 'This job has not failed, or it is over.',
});

/**
 * Tries a job of this practice again that failed for good.
 *
 * @throws AppError 409 when it has not failed, or is another practice's
 */
export async function tryAgain(
  manager: EntityManager,
  practiceId: string,
  id: string,
): Promise<void> {
  const [job] = await manager.query(
    `SELECT name FROM pgboss.job
     WHERE id = $1 AND data ->> 'practiceId' = $2 AND name = ANY($3) AND state = 'failed'`,
    [id, practiceId, QUEUE_NAMES],
  );
  if (!job) throw nothingFailed;
  await retryJob(manager, job.name, id);
}

import type { DataSource } from 'typeorm';
import { inPractice } from '../database/inPractice';
import type { Outcome } from '../jobs/outcome';
import type { JobData } from '../jobs/queues';
import { sendJob } from '../jobs/sendJob';
import { rollUpClient } from './rollUpClient';

/** Works out what was left of the gains of several clients, each for itself; then each practice's sum, once. */
export async function rollUpClients(
  source: DataSource,
  jobs: readonly JobData['roll-up'][],
  now: Date,
): Promise<Outcome[]> {
  const outcomes: Outcome[] = [];
  for (const job of jobs)
    outcomes.push(
      await rollUpClient(source, job, now).then(
        () => ({ status: 'done' as const }),
        (error: unknown) => ({ status: 'failed' as const, error }),
      ),
    );
  for (const practiceId of new Set(jobs.map((job) => job.practiceId)))
    await inPractice(source, practiceId, (manager) =>
      sendJob(manager, 'roll-up-practice', { practiceId }, { key: practiceId }),
    );
  return outcomes;
}

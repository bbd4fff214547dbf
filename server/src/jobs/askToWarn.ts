import type { EntityManager } from 'typeorm';
import type { JobData } from './queues';
import { sendJob } from './sendJob';

/** Has a coach written to about their account; of one matter no second letter while the first waits. */
export const askToWarn = (
  manager: EntityManager,
  about: Omit<JobData['warn-coach'], 'warningId'>,
): Promise<unknown> =>
  sendJob(
    manager,
    'warn-coach',
    { ...about, warningId: crypto.randomUUID() },
    { key: `${about.of}:${about.coachId}` },
  );

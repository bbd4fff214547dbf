import type { DataSource } from 'typeorm';
import { isLockTimeout } from '../database/databaseErrors';
import { inPractice } from '../database/inPractice';
import { keepSummary } from './keepSummary';

/** A write that takes longer than this is waited for by nobody: its line is worked out at the next reading. */
const WAIT_MS = 500;

const freshenOne = (source: DataSource, practiceId: string, clientId: string): Promise<void> =>
  inPractice(source, practiceId, async (manager) => {
    await manager.query(`SET LOCAL lock_timeout = ${WAIT_MS}`);
    await keepSummary(manager, practiceId, clientId);
  }).catch((error: unknown) => {
    if (!isLockTimeout(error)) throw error;
  });

/** Works out the lines of a practice whose clients were written to since they were last worked out. */
export async function freshenLines(source: DataSource, practiceId: string): Promise<void> {
  const stale = await inPractice(source, practiceId, (manager): Promise<{ id: string }[]> =>
    manager.query('SELECT client_id AS id FROM stale_line ORDER BY client_id'),
  );
  // One after the other: two that wait for each other's lines would wait for good.
  for (const { id } of stale) await freshenOne(source, practiceId, id);
}

import { Client, type ClientBase } from 'pg';
import type { DataSource, EntityManager, QueryRunner } from 'typeorm';
import { AppError } from '../ground/errors';

/** Where PostgreSQL waits for a standby; its notices say where they come from in every language. */
const WAITING = 'SyncRepWaitForLSN';

const notSafeYet = new AppError(503, {
  code: 'not-safe-yet',
  message: 'This could not be kept on a second machine.',
  hint: 'Nothing is lost: the app sends again by itself.',
});

type Extra = { readonly extra?: { readonly commitTimeoutMillis?: number } };

const patienceOf = (source: DataSource): number | null =>
  (source.options as Extra).extra?.commitTimeoutMillis ?? null;

/** PostgreSQL has no limit of its own for this wait: each connection would be taken by a write that waits for ever. */
async function callOff(source: DataSource, pid: number): Promise<void> {
  const client = new Client({ connectionString: (source.options as { url: string }).url });
  try {
    await client.connect();
    await client.query('SELECT pg_cancel_backend($1)', [pid]);
  } finally {
    await client.end();
  }
}

/**
 * Commits. A commit that waits too long for a standby is told to wait no longer; it is one all the same, and
 * PostgreSQL says so in a notice and answers that all is well. If this machine is lost now, so is what was written.
 *
 * @throws AppError 503 when it was committed, but no standby is known to have it
 */
export async function commitSafely(source: DataSource, runner: QueryRunner): Promise<void> {
  const client = (await runner.connect()) as ClientBase & { processID: number };
  let isOnlyHere = false;
  let callingOff: Promise<void> | undefined;
  const hear = ({ routine }: { routine?: string }) => void (isOnlyHere ||= routine === WAITING);
  const patience = patienceOf(source);
  const timer = patience
    ? setTimeout(
        () => (callingOff = callOff(source, client.processID).catch(() => undefined)),
        patience,
      )
    : undefined;
  client.on('notice', hear);
  try {
    await runner.commitTransaction();
  } finally {
    clearTimeout(timer);
    client.off('notice', hear);
    // What is called off must be this commit, and not what the next one asks on this line.
    await callingOff;
  }
  if (isOnlyHere) throw notSafeYet;
}

/**
 * What this transaction found may stand on this machine alone. One that writes nothing waits for no standby; a word in
 * the log makes its commit wait for all that came before.
 */
export const needReplicated = async (manager: EntityManager): Promise<void> => {
  await manager.query(`SELECT pg_logical_emit_message(true, 'taxikine', '')`);
};

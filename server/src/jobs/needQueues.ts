import PgBoss from 'pg-boss';
import { Client as PgClient } from 'pg';
import { QUEUES } from './queues';

/** pg-boss keeps its clock's own work here; only the owner of the schema can make it. */
const OF_THE_CLOCK = '__pgboss__send-it';
const EVERY_HOUR = '7 * * * *';

/** The serving role takes and gives jobs; it makes no table and no queue. */
const GRANTS = `
GRANT USAGE ON SCHEMA pgboss TO taxikine_app;
GRANT SELECT, INSERT, UPDATE, DELETE ON ALL TABLES IN SCHEMA pgboss TO taxikine_app;
CREATE INDEX IF NOT EXISTS archive_of_client ON pgboss.archive ((data ->> 'clientId'));`;

async function grant(ownerUrl: string): Promise<void> {
  const client = new PgClient({ connectionString: ownerUrl });
  await client.connect();
  try {
    await client.query(GRANTS);
  } finally {
    await client.end();
  }
}

/** Makes pg-boss's schema, every queue and the clock, as the owner; safe to call again. */
export async function needQueues(ownerUrl: string): Promise<void> {
  const boss = new PgBoss({
    connectionString: ownerUrl,
    supervise: false,
    schedule: false,
    max: 1,
  });
  await boss.start();
  try {
    await boss.createQueue(OF_THE_CLOCK);
    for (const { name, ...row } of QUEUES) {
      const options = { ...row, name, retryBackoff: true };
      await boss.createQueue(name, options);
      await boss.updateQueue(name, options);
    }
    await boss.schedule('every-hour', EVERY_HOUR, {}, { tz: 'UTC', singletonKey: 'hour' });
  } finally {
    await boss.stop({ graceful: false, wait: true });
  }
  await grant(ownerUrl);
}

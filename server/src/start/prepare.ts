import { Client as PgClient } from 'pg';
import { needSummaries } from '../today/keepSummary';
import { needQueues } from '../jobs/needQueues';
import { closeDoors } from '../database/closeDoors';
import { addressesIn, needRoles, type Databases } from '../database/roles';
import { ownerSource } from '../database/sources';

/** As whoever the address says, and gone after it. */
async function connected<T>(url: string, work: (client: PgClient) => Promise<T>): Promise<T> {
  const client = new PgClient({ connectionString: url });
  await client.connect();
  try {
    return await work(client);
  } finally {
    await client.end();
  }
}

/** Any number, the same for everybody who prepares; let go when the connection ends. */
const ROLES_LOCK = 4310;
/** The same, for everybody who migrates this one database. */
const MIGRATION_LOCK = 4313;

/** Machines of one house are started at the same moment: the first migrates, the others find it done. */
const alone = <T>(ownerUrl: string, work: () => Promise<T>): Promise<T> =>
  connected(ownerUrl, async (client) => {
    await client.query('SELECT pg_advisory_lock($1)', [MIGRATION_LOCK]);
    return work();
  });

/** Roles and database in a cluster we administer. Safe to call again; `fresh` drops the database first. */
export async function prepareDatabase(
  adminUrl: string,
  { name, fresh = false }: { name: string; fresh?: boolean },
): Promise<Databases> {
  await connected(adminUrl, async (client) => {
    // Roles belong to the whole cluster: two databases must not be prepared in the same moment.
    await client.query('SELECT pg_advisory_lock($1)', [ROLES_LOCK]);
    await needRoles(client, adminUrl);
    if (fresh) await client.query(`DROP DATABASE IF EXISTS ${name} WITH (FORCE)`);
    const { rowCount } = await client.query('SELECT 1 FROM pg_database WHERE datname = $1', [name]);
    if (!rowCount) await client.query(`CREATE DATABASE ${name} OWNER taxikine_owner`);
  });
  const databases = addressesIn(adminUrl, name);
  await migrate(databases.ownerUrl);
  return databases;
}

/**
 * Takes the newest migrations back, one after the other; an older build of the server needs that.
 *
 * @returns their names, the newest first
 */
export const migrateBack = (ownerUrl: string, count: number): Promise<string[]> =>
  alone(ownerUrl, async () => {
    const source = await ownerSource(ownerUrl).initialize();
    const names: string[] = [];
    try {
      while (names.length < count) {
        const [last] = await source.query('SELECT name FROM migrations ORDER BY id DESC LIMIT 1');
        if (!last) break;
        await source.undoLastMigration({ transaction: 'all' });
        names.push((last as { name: string }).name);
      }
      await closeDoors(source);
      return names;
    } finally {
      await source.destroy();
    }
  });

/** Runs the migrations that have not run yet, and works out what they cannot. */
export const migrate = (ownerUrl: string): Promise<void> => alone(ownerUrl, () => forth(ownerUrl));

async function forth(ownerUrl: string): Promise<void> {
  const source = await ownerSource(ownerUrl).initialize();
  try {
    await source.runMigrations({ transaction: 'all' });
    await closeDoors(source);
    await needSummaries(source);
  } finally {
    await source.destroy();
  }
  await needQueues(ownerUrl);
}

import { Client as PgClient } from 'pg';
import { needSummaries } from '../today/keepSummary';
import { needQueues } from '../jobs/needQueues';
import { closeDoors } from './closeDoors';
import { addressesIn, needRoles, type Databases } from './roles';
import { ownerSource } from './sources';

async function asAdmin<T>(url: string, work: (client: PgClient) => Promise<T>): Promise<T> {
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

/** Roles and database in a cluster we administer. Safe to call again; `fresh` drops the database first. */
export async function prepareDatabase(
  adminUrl: string,
  { name, fresh = false }: { name: string; fresh?: boolean },
): Promise<Databases> {
  await asAdmin(adminUrl, async (client) => {
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

/** Runs the migrations that have not run yet, and works out what they cannot. */
export async function migrate(ownerUrl: string): Promise<void> {
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

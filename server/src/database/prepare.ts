import { Client as PgClient } from 'pg';
import { needSummaries } from '../today/keepSummary';
import { needQueues } from '../jobs/needQueues';
import { ownerSource } from './sources';

export interface Databases {
  readonly ownerUrl: string;
  readonly appUrl: string;
}

const quoted = (text: string): string => `'${text.replaceAll("'", "''")}'`;

const withUser = (url: string, user: string, password: string, database: string): string => {
  const changed = new URL(url);
  changed.username = user;
  changed.password = password;
  changed.pathname = `/${database}`;
  return changed.toString();
};

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

async function needRole(client: PgClient, role: string, password: string): Promise<void> {
  const { rowCount } = await client.query('SELECT 1 FROM pg_roles WHERE rolname = $1', [role]);
  const verb = rowCount ? 'ALTER' : 'CREATE';
  await client.query(
    `${verb} ROLE ${role} LOGIN NOSUPERUSER NOBYPASSRLS PASSWORD ${quoted(password)}`,
  );
}

/**
 * Roles and database in a cluster we administer: `taxikine_owner` owns the tables, `taxikine_app`
 * owns nothing and serves requests. Safe to call again; `fresh` drops the database first.
 */
export async function prepareDatabase(
  adminUrl: string,
  { name, password, fresh = false }: { name: string; password: string; fresh?: boolean },
): Promise<Databases> {
  await asAdmin(adminUrl, async (client) => {
    // Roles belong to the whole cluster: two databases must not be prepared in the same moment.
    await client.query('SELECT pg_advisory_lock($1)', [ROLES_LOCK]);
    await needRole(client, 'taxikine_owner', password);
    await needRole(client, 'taxikine_app', password);
    if (fresh) await client.query(`DROP DATABASE IF EXISTS ${name} WITH (FORCE)`);
    const { rowCount } = await client.query('SELECT 1 FROM pg_database WHERE datname = $1', [name]);
    if (!rowCount) await client.query(`CREATE DATABASE ${name} OWNER taxikine_owner`);
  });
  const databases = {
    ownerUrl: withUser(adminUrl, 'taxikine_owner', password, name),
    appUrl: withUser(adminUrl, 'taxikine_app', password, name),
  };
  await migrate(databases.ownerUrl);
  return databases;
}

/** Runs the migrations that have not run yet, and works out what they cannot. */
export async function migrate(ownerUrl: string): Promise<void> {
  const source = await ownerSource(ownerUrl).initialize();
  try {
    await source.runMigrations({ transaction: 'all' });
    await needSummaries(source);
  } finally {
    await source.destroy();
  }
  await needQueues(ownerUrl);
}

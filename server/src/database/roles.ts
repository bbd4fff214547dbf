import { createHmac } from 'node:crypto';
import type { Client as PgClient } from 'pg';

export interface Databases {
  readonly ownerUrl: string;
  readonly appUrl: string;
}

const OWNER = 'taxikine_owner';
const APP = 'taxikine_app';
type Role = typeof OWNER | typeof APP;

/**
 * Each role has a secret of its own: whoever learns the serving role's can be nobody else with it. It is made from the
 * administrator's, so that no more than one has to be kept; and nothing leads back from it.
 */
const secretOf = (role: Role, admin: URL): string =>
  createHmac('sha256', admin.password).update(role).digest('base64url');

function urlOf(role: Role, adminUrl: string, database: string): string {
  const url = new URL(adminUrl);
  url.password = secretOf(role, url);
  url.username = role;
  url.pathname = `/${database}`;
  return url.toString();
}

/** Where a database in a cluster that we administer is reached, by its owner and by who serves. */
export const addressesIn = (adminUrl: string, database: string): Databases => ({
  ownerUrl: urlOf(OWNER, adminUrl, database),
  appUrl: urlOf(APP, adminUrl, database),
});

/** Makes a role, or gives it the secret it has now. */
async function needRole(client: PgClient, role: Role, adminUrl: string): Promise<void> {
  const { rowCount } = await client.query('SELECT 1 FROM pg_roles WHERE rolname = $1', [role]);
  const secret = client.escapeLiteral(secretOf(role, new URL(adminUrl)));
  await client.query(
    `${rowCount ? 'ALTER' : 'CREATE'} ROLE ${role} LOGIN
     NOSUPERUSER NOBYPASSRLS NOCREATEDB NOCREATEROLE PASSWORD ${secret}`,
  );
}

/** `taxikine_owner` owns the tables, `taxikine_app` owns nothing and serves requests. */
export async function needRoles(client: PgClient, adminUrl: string): Promise<void> {
  await needRole(client, OWNER, adminUrl);
  await needRole(client, APP, adminUrl);
}

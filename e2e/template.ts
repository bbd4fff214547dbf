import { randomUUID } from 'node:crypto';
import { Client } from 'pg';
import { loadDemo, makePractice, prepared } from '../scripts/lib/database.mjs';
import { STRANGER } from './people';

const TEMPLATE = 'e2e_template';

function adminUrl(): string {
  const admin = process.env.TEST_ADMIN_URL;
  if (!admin) throw new Error('TEST_ADMIN_URL is not set: run the end-to-end tests with npm test');
  return admin;
}

async function asAdmin<T>(work: (client: Client) => Promise<T>): Promise<T> {
  const client = new Client({ connectionString: adminUrl() });
  await client.connect();
  try {
    return await work(client);
  } finally {
    await client.end();
  }
}

/** Makes the database that every world is a copy of, once a run: the demo practice and a second one. */
export default function makeTemplate(): void {
  const cluster = { adminUrl: adminUrl() };
  const databases = prepared(cluster, { name: TEMPLATE, fresh: true });
  loadDemo(databases);
  const coach = { id: randomUUID(), name: 'Stranger', ...STRANGER };
  makePractice(databases, { id: randomUUID(), name: 'Elsewhere', coaches: [coach] });
  process.env.TEMPLATE_APP_URL = databases.appUrl;
}

/** Any number, the same for all who copy: PostgreSQL copies a database for one at a time. */
const COPY_LOCK = 4311;

/** A database of its own, as the template is. Returns the address of the role that owns nothing. */
export async function copyOfTemplate(): Promise<string> {
  const name = `e2e_${randomUUID().replaceAll('-', '')}`;
  await asAdmin(async (client) => {
    await client.query('SELECT pg_advisory_lock($1)', [COPY_LOCK]);
    await client.query(`CREATE DATABASE ${name} TEMPLATE ${TEMPLATE} OWNER taxikine_owner`);
  });
  const url = new URL(process.env.TEMPLATE_APP_URL!);
  url.pathname = `/${name}`;
  return url.toString();
}

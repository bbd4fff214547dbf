import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { Client } from 'pg';
import { prepareDatabase } from '../src/start/prepare';
import { addressesIn, type Databases } from '../src/database/roles';

/** Any number, the same for all who copy: the template is made once, and copied for one at a time. */
const LOCK = 4312;

function* filesIn(path: string): Generator<string> {
  for (const name of readdirSync(path).sort()) {
    const inner = join(path, name);
    if (statSync(inner).isDirectory()) yield* filesIn(inner);
    else yield inner;
  }
}

/** A template of another state of the code is another template. */
function templateName(): string {
  const hash = createHash('sha256');
  for (const folder of ['database', 'jobs', 'today'])
    for (const file of filesIn(join(__dirname, '..', 'src', folder)))
      hash.update(readFileSync(file));
  return `test_template_${hash.digest('hex').slice(0, 16)}`;
}

/** A database as migrations leave it: a copy, since making one takes seconds and copying it does not. */
export async function freshDatabase(adminUrl: string): Promise<Databases> {
  const [template, name] = [templateName(), `test_${crypto.randomUUID().replaceAll('-', '')}`];
  const client = new Client({ connectionString: adminUrl });
  await client.connect();
  try {
    await client.query('SELECT pg_advisory_lock($1)', [LOCK]);
    const { rowCount } = await client.query('SELECT 1 FROM pg_database WHERE datname = $1', [
      template,
    ]);
    // Made under another name first: one that was left half-made must not be copied.
    if (!rowCount) {
      await prepareDatabase(adminUrl, { name: `${template}_begun`, fresh: true });
      await client.query(`ALTER DATABASE ${template}_begun RENAME TO ${template}`);
    }
    await client.query(`CREATE DATABASE ${name} TEMPLATE ${template} OWNER taxikine_owner`);
    return addressesIn(adminUrl, name);
  } finally {
    await client.end();
  }
}

import { randomBytes, randomUUID } from 'node:crypto';
import { parseArgs } from 'node:util';
import { startCluster } from './lib/cluster.mjs';
import { makePractice, outside, prepared } from './lib/database.mjs';
import { needPostgres } from './lib/debian.mjs';
import { needDependencies } from './lib/dependencies.mjs';
import { KEPT } from './lib/paths.mjs';
import { Told } from './lib/run.mjs';

const HELP = 'npm run practice -- --name "Practice" --coach "Name" --email coach@example.org';

/** A practice of your own: prints the password once. */
async function main() {
  const text = { type: 'string' };
  const { values } = parseArgs({ options: { name: text, coach: text, email: text } });
  const { name, coach, email } = values;
  if (!name || !coach || !email) throw new Told(HELP);
  await needDependencies();
  const cluster = process.env.DATABASE_URL
    ? null
    : await startCluster({ bin: await needPostgres(), home: KEPT, wantedPort: 24310 });
  try {
    const databases = cluster
      ? prepared(cluster, { name: 'taxikine', fresh: false })
      : outside({ fresh: false });
    const password = randomBytes(12).toString('base64url');
    makePractice(databases, {
      id: randomUUID(),
      name,
      coaches: [{ id: randomUUID(), name: coach, email, password }],
    });
    console.log(`${name} is made. ${coach} signs in as ${email} with ${password}`);
  } finally {
    await cluster?.stop();
  }
}

main().catch((error) => {
  console.error(error instanceof Told ? error.message : error);
  process.exit(1);
});

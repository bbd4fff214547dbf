import { parseArgs } from 'node:util';
import { startCluster } from './lib/cluster.mjs';
import { migrateBack, outside, prepared } from './lib/database.mjs';
import { needPostgres } from './lib/debian.mjs';
import { needDependencies } from './lib/dependencies.mjs';
import { KEPT } from './lib/paths.mjs';
import { Told } from './lib/run.mjs';

const HELP =
  'npm run migrate            what has not run yet\nnpm run migrate -- --back 1   takes the newest one back';

/** Migrations forth and back, without a server: before an older build of it is started. */
async function main() {
  const { values } = parseArgs({ options: { back: { type: 'string' } } });
  const back = values.back === undefined ? null : Number(values.back);
  if (back !== null && !(Number.isInteger(back) && back > 0)) throw new Told(HELP);
  await needDependencies();
  const cluster = process.env.DATABASE_URL
    ? null
    : await startCluster({ bin: await needPostgres(), home: KEPT, wantedPort: 24310 });
  try {
    const databases = cluster
      ? prepared(cluster, { name: 'taxikine', fresh: false })
      : outside({ fresh: false });
    console.log(back ? `Taken back:\n${migrateBack(databases, back)}` : 'Every migration has run.');
  } finally {
    await cluster?.stop();
  }
}

main().catch((error) => {
  console.error(error instanceof Told ? error.message : error);
  process.exit(1);
});

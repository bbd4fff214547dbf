import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { startCluster } from './lib/cluster.mjs';
import { needPostgres } from './lib/debian.mjs';
import { needDependencies } from './lib/dependencies.mjs';
import { ROOT } from './lib/paths.mjs';
import { shown, Told } from './lib/run.mjs';
import { scratchFolder } from './lib/scratch.mjs';

/** Runs one of server/bench on a cluster that is thrown away after. */
async function main([name]) {
  await needDependencies();
  const scratch = scratchFolder(`bench-${name}`);
  const bin = await needPostgres();
  const cluster = await startCluster({ bin, home: scratch, wantedPort: 55720, safe: false });
  try {
    process.exitCode = await shown(
      process.execPath,
      ['--import', 'tsx', join(ROOT, 'server', 'bench', `${name}.ts`)],
      { cwd: join(ROOT, 'server'), env: { ...process.env, TEST_ADMIN_URL: cluster.adminUrl } },
    );
  } finally {
    await cluster.stop();
    rmSync(scratch, { recursive: true, force: true });
  }
}

main(process.argv.slice(2)).catch((error) => {
  console.error(error instanceof Told ? error.message : error);
  process.exit(1);
});

import { readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { startCluster } from './lib/cluster.mjs';
import { needPostgres } from './lib/debian.mjs';
import { needDependencies } from './lib/dependencies.mjs';
import { ROOT } from './lib/paths.mjs';
import { shown, Told } from './lib/run.mjs';
import { scratchFolder } from './lib/scratch.mjs';

/** Asks every route, with every method, as everybody there is; prints what each was answered, and the counts. */
async function main() {
  await needDependencies();
  const scratch = scratchFolder('matrix');
  const cluster = await startCluster({
    bin: await needPostgres(),
    home: scratch,
    wantedPort: 55730,
    safe: false,
  });
  const file = join(scratch, 'matrix.md');
  try {
    const env = { ...process.env, TEST_ADMIN_URL: cluster.adminUrl, MATRIX_FILE: file };
    const args = ['jest', '--selectProjects', 'server', '--testPathPattern', 'whoMay'];
    process.exitCode = await shown('npx', args, { cwd: ROOT, env });
    console.log(`\n${readFileSync(file, 'utf8')}`);
  } finally {
    await cluster.stop();
    rmSync(scratch, { recursive: true, force: true });
  }
}

main().catch((error) => {
  console.error(error instanceof Told ? error.message : error);
  process.exit(1);
});

import { rmSync } from 'node:fs';
import { startCluster } from './lib/cluster.mjs';
import { needChromium, needPostgres } from './lib/debian.mjs';
import { needDependencies } from './lib/dependencies.mjs';
import { ROOT } from './lib/paths.mjs';
import { shown, Told } from './lib/run.mjs';
import { scratchFolder } from './lib/scratch.mjs';
import { needWebApp } from './lib/webApp.mjs';

/** Takes the pictures of docs/screenshots anew, from a demo practice that is thrown away after. */
async function main() {
  await needDependencies();
  const [bin, chromium] = [await needPostgres(), await needChromium()];
  await needWebApp();
  const scratch = scratchFolder('pictures');
  const cluster = await startCluster({ bin, home: scratch, wantedPort: 55710, safe: false });
  try {
    const env = { ...process.env, TEST_ADMIN_URL: cluster.adminUrl, CHROMIUM: chromium };
    const args = ['playwright', 'test', '-c', 'e2e/pictures.config.ts', '--reporter=list'];
    process.exitCode = await shown('npx', args, { cwd: ROOT, env });
  } finally {
    cluster.stop();
    rmSync(scratch, { recursive: true, force: true });
  }
}

main().catch((error) => {
  console.error(error instanceof Told ? error.message : error);
  process.exit(1);
});

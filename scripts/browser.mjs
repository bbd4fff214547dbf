import { rmSync } from 'node:fs';
import { startCluster } from './lib/cluster.mjs';
import { needChromium, needPostgres } from './lib/debian.mjs';
import { needDependencies } from './lib/dependencies.mjs';
import { needFloor } from './lib/floor.mjs';
import { ROOT } from './lib/paths.mjs';
import { shown, Told } from './lib/run.mjs';
import { scratchFolder } from './lib/scratch.mjs';
import { needWebApp } from './lib/webApp.mjs';

/** Runs with the app, in Chromium, on a demo practice that is thrown away after; none is a test. */
const RUNS = {
  /** Takes the pictures of docs/screenshots anew; a name after it takes those alone. */
  pictures: 'e2e/pictures.config.ts',
  /** Prints how soon the first screen is there, beside the floor, and what the browser's tracing says of taps. */
  measure: 'e2e/measure.config.ts',
};

async function main([name, ...rest]) {
  const config = RUNS[name];
  if (!config) throw new Told(`There is no ${name}; there are ${Object.keys(RUNS).join(', ')}.`);
  await needDependencies();
  const [bin, chromium] = [await needPostgres(), await needChromium()];
  await needWebApp();
  const floor = name === 'measure' ? { FLOOR: await needFloor() } : {};
  const scratch = scratchFolder(name);
  const cluster = await startCluster({ bin, home: scratch, wantedPort: 55710, safe: false });
  try {
    const env = { ...process.env, ...floor, TEST_ADMIN_URL: cluster.adminUrl, CHROMIUM: chromium };
    const args = ['playwright', 'test', '-c', config, '--reporter=list', ...rest];
    process.exitCode = await shown('npx', args, { cwd: ROOT, env });
  } finally {
    await cluster.stop();
    rmSync(scratch, { recursive: true, force: true });
  }
}

main(process.argv.slice(2)).catch((error) => {
  console.error(error instanceof Told ? error.message : error);
  process.exit(1);
});

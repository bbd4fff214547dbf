import { readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { startCluster } from './lib/cluster.mjs';
import { needChromium, needPostgres } from './lib/debian.mjs';
import { needDependencies } from './lib/dependencies.mjs';
import { ROOT } from './lib/paths.mjs';
import { shown, Told } from './lib/run.mjs';
import { scratchFolder } from './lib/scratch.mjs';
import { needWebApp } from './lib/webApp.mjs';

const WORKSPACES = ['core', 'cli', 'server', 'demo', 'app', 'e2e'];

/** Everything that is checked, in the order in which it is quickest to fail. */
const PARTS = {
  types: async () => {
    for (const name of WORKSPACES) await must(`types of ${name}`, 'npx', ['tsc', '-p', name]);
  },
  lint: async () => {
    await must('lint', 'npx', ['eslint', '.', '--max-warnings', '0']);
    await must('format', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']);
  },
  unit: (world) => jest(world),
  e2e: async (world) => {
    await needWebApp();
    return playwright(world);
  },
};

async function must(what, command, args, options = {}) {
  const started = performance.now();
  const code = await shown(command, args, { cwd: ROOT, ...options });
  if (code !== 0) throw new Told(`${what}: failed`);
  console.log(`${what}: fine (${((performance.now() - started) / 1000).toFixed(1)} s)`);
}

const env = (world) => ({
  ...process.env,
  TEST_ADMIN_URL: world.adminUrl,
  CHROMIUM: world.chromium,
  NO_COLOR: '1',
  FORCE_COLOR: undefined,
});

/** Runs one runner and reads its own count from the report it wrote. */
async function counted(what, world, args, reportEnv, read) {
  const report = join(world.scratch, `${what}.json`);
  const code = await shown('npx', args(report), {
    cwd: ROOT,
    env: { ...env(world), ...reportEnv(report) },
  });
  const count = read(JSON.parse(readFileSync(report, 'utf8')));
  if (code !== 0 && count.failed === 0) throw new Told(`${what}: stopped with code ${code}`);
  if (count.passed + count.failed === 0) throw new Told(`${what}: no test ran`);
  return count;
}

const jest = (world) =>
  counted(
    'unit',
    world,
    (report) => ['jest', '--json', `--outputFile=${report}`],
    () => ({}),
    ({ numPassedTests, numFailedTests, numFailedTestSuites }) => ({
      passed: numPassedTests,
      failed: Math.max(numFailedTests, numFailedTestSuites),
    }),
  );

const playwright = (world) =>
  counted(
    'e2e',
    world,
    () => ['playwright', 'test', '-c', 'e2e/playwright.config.ts', '--reporter=list,json'],
    (report) => ({ PLAYWRIGHT_JSON_OUTPUT_NAME: report }),
    ({ stats }) => ({ passed: stats.expected + stats.flaky, failed: stats.unexpected }),
  );

/** `npm test`, or some parts of it: `npm test -- types unit`. */
async function main() {
  const wanted = process.argv.slice(2);
  const unknown = wanted.find((name) => !(name in PARTS));
  if (unknown)
    throw new Told(`There is no part ${unknown}; there are ${Object.keys(PARTS).join(', ')}.`);
  await needDependencies();
  const bin = await needPostgres();
  const chromium = await needChromium();
  const scratch = scratchFolder('test');
  const cluster = await startCluster({ bin, home: scratch, wantedPort: 25310, safe: false });
  const world = { adminUrl: cluster.adminUrl, chromium, scratch };
  const total = { passed: 0, failed: 0 };
  try {
    for (const name of wanted.length > 0 ? wanted : Object.keys(PARTS)) {
      const count = await PARTS[name](world);
      total.passed += count?.passed ?? 0;
      total.failed += count?.failed ?? 0;
    }
  } finally {
    await cluster.stop();
    rmSync(scratch, { recursive: true, force: true });
  }
  console.log(`\n${total.passed} passed, ${total.failed} failed`);
  if (total.failed > 0) process.exit(1);
}

main().catch((error) => {
  console.error(error instanceof Told ? error.message : error);
  process.exit(1);
});

import { readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { startCluster } from './lib/cluster.mjs';
import { needChromium, needNginx, needOpenssl, needPostgres } from './lib/debian.mjs';
import { needDependencies } from './lib/dependencies.mjs';
import { ROOT } from './lib/paths.mjs';
import { heard, shown, Told } from './lib/run.mjs';
import { scratchFolder } from './lib/scratch.mjs';
import { needWebApp } from './lib/webApp.mjs';

/** Every part there is, in the order in which it is quickest to fail. */
const PARTS = {
  types: async () => {
    // `tsc -b` checks core once for all who use it, and keeps what it found for the next time.
    await must('types', process.execPath, [TSC, '-b']);
    await must('types of e2e', process.execPath, [TSC, '-p', 'e2e']);
  },
  lint: async () => {
    await must('lint', 'npx', ['eslint', '.', '--max-warnings', '0', '--cache', ...CACHE]);
    await must('unused', 'npx', ['knip', '--no-progress']);
    await must('circles', 'npx', ['depcruise', '--config', '.dependency-cruiser.mjs', ...HOUSES]);
    await must('format', 'npx', ['prettier', '--check', '--log-level', 'warn', '--cache', '.']);
  },
  app: () => needWebApp(),
  unit: (world) => jest(world),
  e2e: async (world) => {
    await needWebApp();
    return playwright(world);
  },
};

/** What one processor each is enough for stands side by side, so that none idles; what takes both stands alone. */
const ORDER = [[['types'], ['lint'], ['app']], [['unit']], [['e2e']]];

/** Where imports are followed; what makes a circle is told by `.dependency-cruiser.mjs`. */
const HOUSES = ['core', 'server', 'cli', 'app/src', 'demo', 'e2e', 'scripts'];

/** The compiler that runs as machine code; what asks a compiler questions from JavaScript (ESLint) has version 6. */
const TSC = join('node_modules', 'typescript7', 'bin', 'tsc');

const CACHE = ['--cache-location', '.taxikine/eslint', '--cache-strategy', 'content'];

/** Runs a command and prints all it said when it is over: what runs beside it is not mixed with it. */
async function must(what, command, args) {
  const started = performance.now();
  const { code, text } = await heard(command, args, { cwd: ROOT });
  if (code !== 0) throw new Told(`${text}\n${what}: failed`);
  console.log(`${text}${what}: fine (${((performance.now() - started) / 1000).toFixed(1)} s)`);
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
    (report) => ['jest', '--maxWorkers=2', '--json', `--outputFile=${report}`],
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

/** Parts one after the other; what they counted. */
async function inTurn(names, world) {
  const counts = [];
  for (const name of names) {
    const started = performance.now();
    counts.push(await PARTS[name](world));
    console.log(`${name}: ${((performance.now() - started) / 1000).toFixed(0)} s`);
  }
  return counts;
}

/** Lanes side by side; when one fails, the others come to their end first, so that nothing is left running. */
async function sideBySide(lanes, world) {
  const ended = await Promise.allSettled(lanes.map((names) => inTurn(names, world)));
  const failed = ended.find(({ status }) => status === 'rejected');
  if (failed) throw failed.reason;
  return ended.flatMap(({ value }) => value);
}

/** `npm test`, or some parts of it: `npm test -- types unit`. */
async function main() {
  const wanted = process.argv.slice(2);
  const unknown = wanted.find((name) => !(name in PARTS));
  if (unknown)
    throw new Told(`There is no part ${unknown}; there are ${Object.keys(PARTS).join(', ')}.`);
  await needDependencies();
  const bin = await needPostgres();
  const chromium = await needChromium();
  await needNginx();
  await needOpenssl();
  const scratch = scratchFolder('test');
  const cluster = await startCluster({ bin, home: scratch, wantedPort: 25310, safe: false });
  const world = { adminUrl: cluster.adminUrl, chromium, scratch };
  const counts = [];
  try {
    for (const lanes of wanted.length > 0 ? wanted.map((name) => [[name]]) : ORDER)
      counts.push(...(await sideBySide(lanes, world)));
  } finally {
    await cluster.stop();
    rmSync(scratch, { recursive: true, force: true });
  }
  const sum = (what) => counts.reduce((all, count) => all + (count?.[what] ?? 0), 0);
  console.log(`\n${sum('passed')} passed, ${sum('failed')} failed`);
  if (sum('failed') > 0) process.exit(1);
}

main().catch((error) => {
  console.error(error instanceof Told ? error.message : error);
  process.exit(1);
});

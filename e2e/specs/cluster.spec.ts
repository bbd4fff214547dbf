import { execFileSync, spawn } from 'node:child_process';
import { once } from 'node:events';
import { readFileSync, rmSync } from 'node:fs';
import { createServer, type Server } from 'node:net';
import { join } from 'node:path';
import { startCluster } from '../../scripts/lib/cluster.mjs';
import { needPostgres } from '../../scripts/lib/debian.mjs';
import { startOptions } from '../../scripts/lib/options.mjs';
import { ROOT } from '../../scripts/lib/paths.mjs';
import { scratchFolder } from '../../scripts/lib/scratch.mjs';
import { startServer } from '../../scripts/lib/serverProcess.mjs';
import { expect, test } from '../world';

let home: string;
test.beforeEach(() => {
  home = scratchFolder('cluster');
});
test.afterEach(() => rmSync(home, { recursive: true, force: true }));

const start = async (wantedPort: number) =>
  startCluster({ bin: await needPostgres(), home, wantedPort });

const ask = (url: string, sql: string) =>
  execFileSync('psql', [url, '-Atc', sql], { encoding: 'utf8' }).trim();
const pidFile = () => join(home, 'postgres', 'data', 'postmaster.pid');

const listenOn = (port: number) =>
  new Promise<Server>((resolve, reject) => {
    const server = createServer().once('error', reject);
    server.listen(port, '127.0.0.1', () => resolve(server));
  });

test('keeps its data over a restart, and a second start finds it running', async () => {
  const first = await start(27310);
  ask(first.adminUrl, 'CREATE TABLE kept AS SELECT 42 AS n');
  const second = await start(27310);
  expect(second.port).toBe(first.port);
  await second.stop();
  expect(ask(first.adminUrl, 'SELECT n FROM kept')).toBe('42');
  await first.stop();
  const third = await start(27310);
  expect(ask(third.adminUrl, 'SELECT n FROM kept')).toBe('42');
  await third.stop();
});

test('of two starts, ending the first leaves the second its database, and the last one stops it', async () => {
  const first = await start(27340);
  const second = await start(27340);
  await first.stop();
  expect(ask(second.adminUrl, 'SELECT 1')).toBe('1');
  await second.stop();
  expect(() => ask(second.adminUrl, 'SELECT 1')).toThrow();
});

test('a start whose process was killed does not hold the cluster for ever', async () => {
  const script = `import { startCluster } from './scripts/lib/cluster.mjs';
    const { port } = await startCluster(${JSON.stringify({ bin: await needPostgres(), home, wantedPort: 27360 })});
    process.stdout.write(String(port));
    setInterval(() => undefined, 1000);`;
  const killed = spawn(process.execPath, ['--input-type=module', '-e', script], { cwd: ROOT });
  await once(killed.stdout, 'data');
  const second = await start(27360);
  const gone = once(killed, 'exit');
  killed.kill('SIGKILL');
  await gone;
  await second.stop();
  expect(() => ask(second.adminUrl, 'SELECT 1')).toThrow();
});

test('takes the next port when its own is taken, and listens on loopback only', async () => {
  const taken = await listenOn(27410);
  const cluster = await start(27410);
  expect(cluster.port).toBeGreaterThan(27410);
  expect(ask(cluster.adminUrl, 'SHOW listen_addresses')).toBe('127.0.0.1');
  await cluster.stop();
  taken.close();
});

test('starts again after a server that was killed left its pid file', async () => {
  const killed = await start(27510);
  ask(killed.adminUrl, 'CREATE TABLE kept AS SELECT 7 AS n');
  const pid = Number(readFileSync(pidFile(), 'utf8').split('\n')[0]);
  process.kill(pid, 'SIGKILL');
  await expect.poll(() => isThere(pid)).toBe(false);
  const again = await start(27510);
  expect(ask(again.adminUrl, 'SELECT n FROM kept')).toBe('7');
  await again.stop();
});

test('a server whose port was taken in the meantime ends, and does not say that it is ready', async ({
  world: { appUrl },
}) => {
  const taken = await listenOn(27610);
  const started = startServer({ port: 27610, appUrl });
  await expect(started).rejects.toThrow('The server stopped with code 1.');
  taken.close();
});

test('a server ends when the command that started it is killed', async ({ world: { appUrl } }) => {
  const started = `startServer({ port: 27710, appUrl: process.env.APP_URL, logLevel: 'silent' })`;
  const command = spawn(
    process.execPath,
    [
      '--input-type=module',
      '-e',
      `import { startServer } from './scripts/lib/serverProcess.mjs';
       process.stdout.write(String((await ${started}).pid));`,
    ],
    { cwd: ROOT, env: { ...process.env, APP_URL: appUrl } },
  );
  try {
    const [said] = await Promise.race([once(command.stdout, 'data'), once(command, 'exit')]);
    const pid = Number(String(said));
    expect(isThere(pid)).toBe(true);
    command.kill('SIGKILL');
    await expect.poll(() => isThere(pid)).toBe(false);
  } finally {
    command.kill('SIGKILL');
  }
});

function isThere(pid: number): boolean {
  try {
    process.kill(pid, 0);
    return true;
  } catch {
    return false;
  }
}

for (const [args, expected] of [
  [[], { port: 4310, fresh: false, demo: true }],
  [['--port', '5000', '--fresh', '--no-demo'], { port: 5000, fresh: true, demo: false }],
] as const)
  test(`npm start -- ${args.join(' ')}`, () => {
    expect(startOptions([...args])).toMatchObject(expected);
  });

for (const args of [
  ['--port', 'ten'],
  ['--port', '70000'],
  ['--prot', '5000'],
])
  test(`npm start -- ${args.join(' ')} says what is wrong`, () => {
    expect(() => startOptions(args)).toThrow(/port/);
  });

import type { ChildProcess } from 'node:child_process';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as delay } from 'node:timers/promises';
import { startCluster } from '../../scripts/lib/cluster.mjs';
import { prepared } from '../../scripts/lib/database.mjs';
import { needPostgres } from '../../scripts/lib/debian.mjs';
import { KeptProcess } from '../../scripts/lib/keptProcess.mjs';
import { scratchFolder } from '../../scripts/lib/scratch.mjs';
import { startServer, startWorker } from '../../scripts/lib/serverProcess.mjs';
import { watchCluster } from '../../scripts/lib/watchCluster.mjs';
import { expect, test } from '../world';

const health = (port: number): Promise<number | 'gone'> =>
  fetch(`http://127.0.0.1:${port}/health`).then(
    ({ status }) => status,
    () => 'gone',
  );
/** Whether somebody is known; the question goes to the database. */
const knock = async (port: number): Promise<number> => {
  const answer = await fetch(`http://127.0.0.1:${port}/api/v1/session`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', 'X-Taxikine': '1' },
    body: JSON.stringify({ email: 'nobody@saltreach.example', password: 'high-tide-24' }),
  });
  return answer.status;
};

test('a server that is killed is started again, and stays down when it is told to stop', async ({
  world: { appUrl },
}) => {
  const port = 27810;
  let child: ChildProcess | null = null;
  const kept = new KeptProcess(
    'server',
    async () => (child = await startServer({ port, appUrl, logLevel: 'silent' })),
    { waitMs: 50 },
  );
  await kept.start();
  try {
    for (let i = 0; i < 2; i++) {
      const { pid } = child!;
      child!.kill('SIGKILL');
      await expect.poll(() => (child!.pid === pid ? 'gone' : health(port))).toBe(200);
    }
  } finally {
    await kept.stop();
  }
  expect(await health(port)).toBe('gone');
});

test('PostgreSQL that is killed is started again where it was, and server and worker go on with it', async () => {
  const home = scratchFolder('kept');
  const cluster = await startCluster({ bin: await needPostgres(), home, wantedPort: 27850 });
  const pid = () =>
    Number(readFileSync(join(home, 'postgres/data/postmaster.pid'), 'utf8').split('\n')[0]);
  const { appUrl } = prepared(cluster, { name: 'kept', fresh: false });
  const watch = watchCluster(cluster);
  const port = 27830;
  const quiet = { appUrl, logLevel: 'silent' };
  const worker = await startWorker({ ...quiet, publicUrl: 'http://kept.example', outbox: home });
  const server = await startServer({ ...quiet, port });
  try {
    expect(await knock(port)).toBe(401);
    const first = pid();
    process.kill(first, 'SIGKILL');
    await expect.poll(() => health(port)).toBe(503);
    await expect.poll(() => health(port)).toBe(200);
    expect(await knock(port)).toBe(401);
    expect(pid()).not.toBe(first);
    expect([server.exitCode, worker.exitCode]).toEqual([null, null]);
  } finally {
    server.kill('SIGKILL');
    worker.kill('SIGKILL');
    await watch.stop();
    await cluster.stop();
    rmSync(home, { recursive: true, force: true });
  }
});

test('server and worker that come up before their database wait for it', async () => {
  const home = scratchFolder('kept');
  const cluster = await startCluster({ bin: await needPostgres(), home, wantedPort: 27870 });
  const { appUrl } = prepared(cluster, { name: 'kept', fresh: false });
  const pid = () =>
    Number(readFileSync(join(home, 'postgres/data/postmaster.pid'), 'utf8').split('\n')[0]);
  const was = pid();
  process.kill(was, 'SIGKILL');
  await expect.poll(() => existsSync(`/proc/${was}`)).toBe(false);
  const port = 27890;
  const quiet = { appUrl, logLevel: 'silent' };
  const starting = Promise.all([
    startServer({ ...quiet, port }),
    startWorker({ ...quiet, publicUrl: 'http://kept.example', outbox: home }),
  ]);
  // Long enough that either would have ended, and been told.
  const early = await Promise.race([
    starting.catch(() => 'ended'),
    delay(4000).then(() => 'waits'),
  ]);
  await cluster.revive();
  const both = await starting;
  const met = await health(port);
  for (const child of both) child.kill('SIGKILL');
  await cluster.stop();
  rmSync(home, { recursive: true, force: true });
  expect([early, met]).toEqual(['waits', 200]);
});

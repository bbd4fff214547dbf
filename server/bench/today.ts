/**
 * The first page of the Today list: what the server takes from request to answer, against the bare query
 * of that page on a connection of its own, in practices of 200 and of 2,000 clients with a hundred looks
 * each. Needs TEST_ADMIN_URL; makes a database of its own and drops it. Prints a table.
 */
import { once } from 'node:events';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { Worker } from 'node:worker_threads';
import pg from 'pg';
import { pino } from 'pino';
import {
  appSource,
  ChangeFeed,
  createApp,
  inPractice,
  makePractice,
  ownerSource,
  prepareDatabase,
} from '../src';
import { needSummaries } from '../src/today/keepSummary';
import { pageQuery, type ListAsked } from '../src/today/listClients';
import { fillSql } from './fillSql';

const SIZES = [200, 2000];
const VISITS = 50;
/** A server that has been up for a while: as many rounds before those that count. */
const WARM_UP = 1000;
const ROUNDS = 400;
const PASSWORD = 'only-for-a-bench';
const ASKED: ListAsked = {
  day: '2026-11-26',
  sort: 'urgency',
  filter: 'waiting',
  search: '',
  from: 0,
  limit: 50,
};

const median = (values: number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];

async function timed(work: () => Promise<unknown>): Promise<number> {
  const begun = performance.now();
  await work();
  return performance.now() - begun;
}

const admin = process.env.TEST_ADMIN_URL!;
const name = `bench_${crypto.randomUUID().replaceAll('-', '')}`;
const databases = await prepareDatabase(admin, { name });
const owner = await ownerSource(databases.ownerUrl).initialize();
const practices = SIZES.map((size) => ({
  size,
  id: crypto.randomUUID(),
  name: `of ${size}`,
  coaches: [
    { id: crypto.randomUUID(), name: 'B', email: `b${size}@bench.example`, password: PASSWORD },
  ],
}));
for (const practice of practices) {
  await makePractice(owner, practice);
  await owner.transaction(async (manager) => {
    await manager.query(`SELECT set_config('app.practice_id', $1, true)`, [practice.id]);
    await manager.query(fillSql(practice.size, VISITS));
  });
}
console.log('filled; working the lines out …');
await needSummaries(owner);
await owner.query('ANALYZE');

const source = await appSource(databases.appUrl).initialize();
const log = pino({ level: 'silent' });
const changes = new ChangeFeed(databases.appUrl, log);
const app = createApp({
  source,
  log,
  changes,
  now: () => new Date(),
  dist: '/nowhere',
  secure: false,
});
const took: number[] = [];
const server = createServer((request, response) => {
  const begun = performance.now();
  response.on('finish', () => took.push(performance.now() - begun));
  app(request, response);
}).listen(0, '127.0.0.1');
await new Promise((resolve) => server.once('listening', resolve));
const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api/v1`;

/** Whoever asks is on a thread of its own, as a browser is on a machine of its own. */
const browser = new Worker(
  `const { parentPort } = require('node:worker_threads');
parentPort.on('message', async ({ asked, cookie }) => {
  const answer = await fetch(asked, { headers: { cookie } });
  parentPort.postMessage((await answer.json()).clients.length);
});`,
  { eval: true },
);

const results = [];
for (const practice of practices) {
  const [coach] = practice.coaches;
  const signedIn = await fetch(`${url}/session`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', 'X-Taxikine': '1' },
    body: JSON.stringify({ email: coach.email, password: PASSWORD }),
  });
  const cookie = signedIn.headers.get('set-cookie')!.split(';')[0];
  const bare = new pg.Client({ connectionString: databases.appUrl });
  await bare.connect();
  await bare.query(`SELECT set_config('app.practice_id', $1, false)`, [practice.id]);
  const query = pageQuery(ASKED);
  const asked = `${url}/clients?day=${ASKED.day}&sort=urgency&filter=waiting`;
  const page = async (): Promise<number> => {
    const answered = once(browser, 'message');
    browser.postMessage({ asked, cookie });
    return (await answered)[0] as number;
  };
  const lines = await page();
  const [ours, theirs, stepwise]: [number[], number[], number[]] = [[], [], []];
  for (let i = 0; i < WARM_UP + ROUNDS; i++) {
    took.length = 0;
    await page();
    const plain = await timed(() => bare.query(query.sql, [...query.values]));
    const asOthers = await timed(() =>
      inPractice(source, practice.id, (manager) => manager.query(query.sql, [...query.values])),
    );
    if (i < WARM_UP) continue;
    ours.push(took[0]);
    theirs.push(plain);
    stepwise.push(asOthers);
  }
  await bare.end();
  results.push({
    size: practice.size,
    lines,
    server: median(ours),
    bare: median(theirs),
    inPractice: median(stepwise),
  });
}
for (const { size, lines, server: ms, bare, inPractice: own } of results)
  console.log(
    `${size} clients, ${size * VISITS * 2} looks: ${lines} lines, server ${ms.toFixed(2)} ms; bare query ${bare.toFixed(2)} ms (${(ms / bare).toFixed(2)} times), as a transaction of the practice ${own.toFixed(2)} ms (${(ms / own).toFixed(2)} times)`,
  );
console.log(`2,000 against 200 clients: ${(results[1].server / results[0].server).toFixed(2)}`);
await browser.terminate();
server.close();
server.closeAllConnections();
await Promise.all([source.destroy(), owner.destroy()]);
const last = new pg.Client({ connectionString: admin });
await last.connect();
await last.query(`DROP DATABASE ${name} WITH (FORCE)`);
await last.end();

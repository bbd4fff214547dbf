/**
 * What a write costs: a PUT of the server against a bare one, which is Node's own HTTP server and the very
 * statements that ours sends, on one connection, and nothing else; for a client of one visit and of sixty.
 * Then how long the roll-ups of 2,000 clients take. Needs TEST_ADMIN_URL; makes a database of its own and drops it.
 */
import { once } from 'node:events';
import { createServer, type RequestListener, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { Worker } from 'node:worker_threads';
import {
  NO_WISH,
  NOTHING_HELD,
  NOTHING_SEEN,
  NOTHING_TOLD,
  USUAL_SETUP,
  type LookRecord,
} from '@taxikine/core';
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
  startWorker,
} from '../src';
import { sendJob } from '../src/jobs/sendJob';
import { fillSql } from './fillSql';

const ROUNDS = 300;
const WARM_UP = 300;
const CLIENTS = 2000;
const VISITS = 10;
const PASSWORD = 'only-for-a-bench';
const NOW = '2026-11-26T10:00:00.000Z';

const admin = process.env.TEST_ADMIN_URL!;
const name = `bench_${crypto.randomUUID().replaceAll('-', '')}`;
const databases = await prepareDatabase(admin, { name });
const owner = await ownerSource(databases.ownerUrl).initialize();
const practice = {
  id: crypto.randomUUID(),
  name: 'bench',
  coaches: [{ id: crypto.randomUUID(), name: 'B', email: 'b@bench.example', password: PASSWORD }],
};
await makePractice(owner, practice);
const source = await appSource(databases.appUrl).initialize();
const log = pino({ level: 'silent' });
const changes = new ChangeFeed(databases.appUrl, log);
const now = () => new Date(NOW);
const app = createApp({ source, log, changes, now, dist: '/nowhere', secure: false });

async function listen(listener: RequestListener): Promise<[string, Server]> {
  const server = createServer(listener).listen(0, '127.0.0.1');
  await once(server, 'listening');
  return [`http://127.0.0.1:${(server.address() as AddressInfo).port}`, server];
}

/** Whoever asks is on a thread of its own, as a browser is on a machine of its own. */
const device = new Worker(
  `const { parentPort } = require('node:worker_threads');
parentPort.on('message', async ({ url, cookie, body }) => {
  const begun = performance.now();
  const headers = { cookie, 'Content-Type': 'application/json', 'X-Taxikine': '1' };
  const answer = await fetch(url, { method: 'PUT', headers, body });
  const text = await answer.text();
  if (!answer.ok) throw new Error(text);
  parentPort.postMessage(performance.now() - begun);
});`,
  { eval: true },
);
let cookie = '';
async function put(url: string, body: object): Promise<number> {
  const answered = once(device, 'message');
  device.postMessage({ url, cookie, body: JSON.stringify(body) });
  return (await answered)[0] as number;
}

const median = (values: readonly number[]): number =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)];

const envelope = (record: object, version: number) => ({
  writeId: crypto.randomUUID(),
  version,
  record,
});

async function fill(url: string, visits: number): Promise<LookRecord> {
  const clientId = crypto.randomUUID();
  const client = { id: clientId, name: `Of ${visits}`, about: '', heightM: 1.7, massKg: 70 };
  const consent = { on: '2026-01-01', wording: '2026-1', guardian: null };
  await put(
    `${url}/api/v1/clients/${clientId}`,
    envelope({ ...client, ...NOTHING_TOLD, consent }, 0),
  );
  let look: LookRecord | null = null;
  for (let i = 0; i < visits; i++) {
    const visitId = crypto.randomUUID();
    const visit = { id: visitId, clientId, pattern: 'squat', openedOn: NOW, closedOn: NOW };
    const rest = { step: 'verdict', asks: [{ on: NOW, positives: [] }], minutes: 12, next: 'rest' };
    await put(
      `${url}/api/v1/visits/${visitId}`,
      envelope({ ...visit, ...rest, ...NOTHING_HELD, wish: NO_WISH }, 0),
    );
    const of = { id: crypto.randomUUID(), clientId, visitId, role: 'first' as const };
    look = { ...of, setup: USUAL_SETUP, ...NOTHING_SEEN, startedOn: NOW };
    await put(`${url}/api/v1/looks/${look.id}`, envelope(look, 0));
  }
  return look!;
}

interface Statement {
  readonly text: string;
  readonly values: unknown[];
}

/** What a write sends to the database, as it sends it. */
async function statementsOf(work: () => Promise<unknown>): Promise<Statement[]> {
  const said: Statement[] = [];
  const { prototype } = pg.Client as unknown as {
    prototype: { query: (...all: unknown[]) => unknown };
  };
  const { query } = prototype;
  prototype.query = function (...all) {
    const [first, ...rest] = all as [string | { text: string; values?: unknown[] }, ...unknown[]];
    const text = typeof first === 'string' ? first : first.text;
    const given = typeof first === 'string' ? rest.find(Array.isArray) : first.values;
    said.push({ text, values: (given as unknown[]) ?? [] });
    return query.apply(this, all);
  };
  await work();
  prototype.query = query;
  return said;
}

const [url, server] = await listen(app);
const signedIn = await fetch(`${url}/api/v1/session`, {
  method: 'POST',
  headers: { 'Content-Type': 'application/json', 'X-Taxikine': '1' },
  body: JSON.stringify({ email: 'b@bench.example', password: PASSWORD }),
});
cookie = signedIn.headers.get('set-cookie')!.split(';')[0];

const bare = new pg.Client({ connectionString: databases.appUrl });
await bare.connect();

for (const visits of [1, 60]) {
  const look = await fill(url, visits);
  const address = `${url}/api/v1/looks/${look.id}`;
  let version = 1;
  const ours = () => put(address, envelope(look, version++));
  await ours();
  const sent = envelope(look, version++);
  const said = await statementsOf(() => put(address, sent));
  /** The same statements with this write's id and version. */
  const valuesOf = ({ values }: Statement, writeId: string, at: number) =>
    values.map((value) => {
      if (value === sent.writeId) return writeId;
      return value === sent.version + 1 ? at + 1 : value;
    });
  const [bareUrl, bareServer] = await listen(async (request, response) => {
    const parts: Buffer[] = [];
    for await (const part of request) parts.push(part as Buffer);
    const body = JSON.parse(Buffer.concat(parts).toString()) as typeof sent;
    let last: pg.QueryResult | null = null;
    for (const one of said) {
      const result = await bare.query(one.text, valuesOf(one, body.writeId, body.version));
      if (result.rows.length > 0) last = result;
    }
    response.setHeader('Content-Type', 'application/json').end(JSON.stringify(last?.rows[0] ?? {}));
  });
  const theirs = () => put(bareUrl, envelope(look, version++));
  const took: [number[], number[]] = [[], []];
  for (let i = 0; i < WARM_UP + ROUNDS; i++) {
    const pair = [await ours(), await theirs()];
    if (i >= WARM_UP) pair.forEach((ms, j) => took[j].push(ms));
  }
  const [own, other] = took.map(median);
  if (visits === 1)
    console.log(said.map(({ text }) => `  ${text.slice(0, 110).replaceAll('\n', ' ')}`).join('\n'));
  console.log(
    `PUT of a look, a client of ${visits} visits: ${own.toFixed(2)} ms; bare, the same ${said.length} statements: ${other.toFixed(2)} ms (${(own / other).toFixed(2)} times)`,
  );
  bareServer.close();
  bareServer.closeAllConnections();
}
await bare.end();

await inPractice(source, practice.id, async (manager) => {
  await manager.query(fillSql(CLIENTS, VISITS));
  for (const { id: clientId } of await manager.query('SELECT id FROM client'))
    await sendJob(manager, 'roll-up', { practiceId: practice.id, clientId }, { key: clientId });
});
const begun = performance.now();
const sender = { send: async () => ({ status: 'sent' as const }), forget: async () => undefined };
const endWorker = await startWorker({
  source,
  appUrl: databases.appUrl,
  log,
  now,
  sender,
  publicUrl: url,
});
const left = async (): Promise<number> =>
  (
    await owner.query(
      `SELECT count(*)::int AS left FROM pgboss.job WHERE name LIKE 'roll-up%' AND state < 'completed'`,
    )
  )[0].left;
while ((await left()) > 0) await new Promise((resolve) => setTimeout(resolve, 100));
console.log(
  `roll-ups of ${CLIENTS} clients with ${VISITS} visits and of their practice: ${((performance.now() - begun) / 1000).toFixed(1)} s (aim 120)`,
);

/** What others wait meanwhile, asking for the list again and again. */
const waits: number[] = [];
let isPacking = true;
const others = (async () => {
  while (isPacking) {
    const asked = performance.now();
    await (await fetch(`${url}/api/v1/session`, { headers: { cookie } })).text();
    waits.push(performance.now() - asked);
  }
})();
const before = process.memoryUsage().rss;
const zipBegun = performance.now();
const zip = await fetch(`${url}/api/v1/practice/export.zip`, { headers: { cookie } });
let bytes = 0;
for await (const part of zip.body!) bytes += (part as Uint8Array).length;
isPacking = false;
await others;
console.log(
  `zip of the practice: ${(bytes / 1e6).toFixed(1)} MB in ${((performance.now() - zipBegun) / 1000).toFixed(1)} s, ${((process.memoryUsage().rss - before) / 1e6).toFixed(0)} MB more; ${waits.length} requests meanwhile, the longest ${Math.max(...waits).toFixed(0)} ms (worker and server in one process here)`,
);
await endWorker();
await device.terminate();
server.close();
server.closeAllConnections();
changes.end();
await Promise.all([source.destroy(), owner.destroy()]);
const last = new pg.Client({ connectionString: admin });
await last.connect();
await last.query(`DROP DATABASE ${name} WITH (FORCE)`);
await last.end();

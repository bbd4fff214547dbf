import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import { createServer, type Server } from 'node:http';
import { pino } from 'pino';
import { ChangeFeed, createApp, inPractice } from '../src';
import { Client } from '../src/database/entities/Client';
import {
  coach,
  newClient,
  newVisit,
  NOON,
  PASSWORD,
  signIn,
  useWorld,
  world,
  write,
} from './world';

let server: Server;
useWorld({
  beside: async ({ app }) => {
    server = createServer(app).listen(0, '127.0.0.1');
    await once(server, 'listening');
    return async () => {
      server.closeAllConnections();
      await new Promise((resolve) => server.close(resolve));
    };
  },
});

const address = () => `http://127.0.0.1:${(server.address() as AddressInfo).port}/api/v1`;

async function cookieOf(practice: string): Promise<string> {
  const answer = await fetch(`${address()}/session`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', 'X-Taxikine': '1' },
    body: JSON.stringify({ email: `coach@${practice}.example`, password: PASSWORD }),
  });
  return answer.headers.get('set-cookie')!.split(';')[0];
}

interface Event {
  readonly event: string;
  readonly data: { kind?: string; id?: string; client?: string | null; version?: number | null };
}

/** An open stream: the next event, each once. */
async function follow(practice: string) {
  const headers = { cookie: await cookieOf(practice) };
  const answer = await fetch(`${address()}/changes`, { headers });
  const reader = answer.body!.pipeThrough(new TextDecoderStream()).getReader();
  let text = '';
  const next = async (): Promise<Event | null> => {
    for (;;) {
      const end = text.indexOf('\n\n');
      if (end >= 0) {
        const [event, data] = text.slice(0, end).split('\n');
        text = text.slice(end + 2);
        return { event: event.slice(7), data: JSON.parse(data.slice(6)) };
      }
      const { value, done } = await reader.read();
      if (done) return null;
      text += value;
    }
  };
  expect(await next()).toEqual({ event: 'open', data: {} });
  return { answer, next, close: () => reader.cancel() };
}

it('a write is told to who listens in its practice: whose, what, and nothing that it says', async () => {
  const { answer, next, close } = await follow('saltreach');
  expect(answer.headers.get('content-type')).toBe('text/event-stream');
  expect(answer.headers.get('content-encoding')).toBeNull();
  const client = newClient();
  await coach.put(`/api/v1/clients/${client.id}`).send(write(client)).expect(201);
  expect(await next()).toEqual({
    event: 'change',
    data: { client: client.id, kind: 'clients', id: client.id, version: 1 },
  });
  const visit = newVisit(client.id);
  await coach.put(`/api/v1/visits/${visit.id}`).send(write(visit)).expect(201);
  expect((await next())!.data).toEqual({
    client: client.id,
    kind: 'visits',
    id: visit.id,
    version: 1,
  });
  await coach.post(`/api/v1/clients/${client.id}/erase`).send({ name: client.name }).expect(204);
  expect((await next())!.data).toMatchObject({ kind: 'clients', id: client.id, version: null });
  await close();
});

it('nobody hears of another practice', async () => {
  const [ours, theirs] = [await signIn(world, 'saltreach'), await signIn(world, 'elsewhere')];
  const { next, close } = await follow('elsewhere');
  const [a, b] = [newClient(), newClient()];
  await ours.put(`/api/v1/clients/${a.id}`).send(write(a)).expect(201);
  await theirs.put(`/api/v1/clients/${b.id}`).send(write(b)).expect(201);
  expect((await next())!.data.id).toBe(b.id);
  await close();
});

it('a write that was taken back is told to nobody', async () => {
  const coach = await signIn(world, 'saltreach');
  const { next, close } = await follow('saltreach');
  const client = newClient({ name: '' });
  await coach.put(`/api/v1/clients/${client.id}`).send(write(client)).expect(422);
  const visit = newVisit(crypto.randomUUID());
  await coach.put(`/api/v1/visits/${visit.id}`).send(write(visit)).expect(404);
  const real = newClient();
  await coach.put(`/api/v1/clients/${real.id}`).send(write(real)).expect(201);
  expect((await next())!.data.id).toBe(real.id);
  await close();
});

it('more than can be told one by one is told as one', async () => {
  const { next, close } = await follow('saltreach');
  const practice = world.practices[0].id;
  await inPractice(world.source, practice, async (manager) => {
    for (let i = 0; i < 200; i++) {
      await manager.insert(Client, { ...newClient(), practiceId: practice, version: 1 } as never);
    }
  });
  const heard: string[] = [];
  while (heard.at(-1) !== 'all') heard.push((await next())!.event);
  expect(heard.length).toBe(51);
  await close();
});

it('a connection that was lost is made again, and says that anything may have changed', async () => {
  const coach = await signIn(world, 'saltreach');
  const { next, close } = await follow('saltreach');
  await world.source.query(
    `SELECT pg_terminate_backend(pid) FROM pg_stat_activity
WHERE datname = current_database() AND query LIKE 'LISTEN%'`,
  );
  expect((await next())!.event).toBe('all');
  const client = newClient();
  await coach.put(`/api/v1/clients/${client.id}`).send(write(client)).expect(201);
  expect((await next())!.data.id).toBe(client.id);
  await close();
});

/** Another process of the server, on the same database. */
async function anotherServer() {
  const { source, databases } = world;
  const log = pino({ level: 'silent' });
  const changes = new ChangeFeed(databases.appUrl, log);
  const app = createApp({
    ...{ source, log, changes, secure: false },
    now: () => NOON,
    dist: '/nowhere',
  });
  const other = createServer(app).listen(0, '127.0.0.1');
  await once(other, 'listening');
  const statusFor = async (cookie: string) => {
    const url = `http://127.0.0.1:${(other.address() as AddressInfo).port}/api/v1/session`;
    return (await fetch(url, { headers: { cookie } })).status;
  };
  const end = async () => {
    changes.end();
    other.closeAllConnections();
    await new Promise((resolve) => other.close(resolve));
  };
  return { statusFor, end };
}

/** Less than a session that was looked up is held for. */
const SOON_MS = 2000;

it.each([
  [
    'signed out',
    (cookie: string) =>
      fetch(`${address()}/session`, { method: 'DELETE', headers: { cookie, 'X-Taxikine': '1' } }),
  ],
  [
    'let in no more',
    () =>
      inPractice(world.source, world.practices[1].id, (manager) =>
        manager.query('UPDATE coach SET ended_on = now() WHERE id = $1', [
          world.practices[1].coaches[0].id,
        ]),
      ),
  ],
])('who is %s at one server is out at every other', async (_how, leave) => {
  const { statusFor, end } = await anotherServer();
  const cookie = await cookieOf('elsewhere');
  const before = await statusFor(cookie);
  await leave(cookie);
  const until = Date.now() + SOON_MS;
  while ((await statusFor(cookie)) === 200 && Date.now() < until)
    await new Promise((resolve) => setTimeout(resolve, 20));
  await end();
  expect(before).toBe(200);
  expect(Date.now()).toBeLessThan(until);
});

it('who could not be connected is not told of anything later', async () => {
  const feed = new ChangeFeed('postgres://nobody@127.0.0.1:1/none', pino({ level: 'silent' }));
  const tell = jest.fn();
  await expect(feed.listen('p', { tell, end: tell })).rejects.toThrow();
  feed.end();
  expect(tell).not.toHaveBeenCalled();
});

it('without a session there is no stream', async () => {
  expect((await fetch(`${address()}/changes`)).status).toBe(401);
});

it('a server that stops ends its streams', async () => {
  const { next } = await follow('saltreach');
  world.changes.end();
  expect(await next()).toBeNull();
});

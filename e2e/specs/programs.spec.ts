import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { createServer, type AddressInfo } from 'node:net';
import { builtProgram } from '../../scripts/lib/builtProgram.mjs';
import { expect, test } from '../world';

const field = (kind: string, value: string) => Buffer.from(`${kind}${value}\0`);

/** What PostgreSQL says to whoever comes before it is up, as the wire has it. */
function startingUp(): Buffer {
  const fields = [
    field('S', 'FATAL'),
    field('V', 'FATAL'),
    field('C', '57P03'),
    field('M', 'the database system is starting up'),
    Buffer.from([0]),
  ];
  const body = Buffer.concat(fields);
  const length = Buffer.alloc(4);
  length.writeInt32BE(body.length + 4);
  return Buffer.concat([Buffer.from('E'), length, body]);
}

/** A database that is not up yet, and counts who knocks. */
async function notUpYet(enough: number) {
  let knocks = 0;
  let tell: () => void = () => undefined;
  const knocked = new Promise<void>((resolve) => (tell = resolve));
  const server = createServer((socket) => {
    knocks += 1;
    if (knocks === enough) tell();
    socket.on('error', () => undefined).once('data', () => socket.end(startingUp()));
  }).listen(0, '127.0.0.1');
  await once(server, 'listening');
  return { port: (server.address() as AddressInfo).port, knocked, end: () => server.close() };
}

const begun = (what: string, port: number): ChildProcess =>
  spawn(process.execPath, builtProgram(what), {
    env: {
      ...process.env,
      PORT: '0',
      APP_DATABASE_URL: `postgres://nobody:x@127.0.0.1:${port}/x`,
      PUBLIC_URL: 'http://127.0.0.1',
      WEB_DIST: '.',
      OUTBOX: '.',
      LOG_LEVEL: 'silent',
    },
    stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
  });

for (const what of ['server', 'worker'])
  test(`a ${what} that comes up before its database asks again until it is there`, async () => {
    const { port, knocked, end } = await notUpYet(3);
    const child = begun(what, port);
    const gone = once(child, 'exit').then(([code]) => `stopped with ${code}`);
    expect(await Promise.race([knocked.then(() => 'asks'), gone])).toBe('asks');
    child.kill('SIGKILL');
    await gone;
    end();
  });

test('what a server reads only when it is asked for is there', async ({ request, world }) => {
  const answer = await request.get(`${world.url}/api/v1/openapi.json`);
  expect(answer.status()).toBe(200);
  const { components } = await answer.json();
  expect(components.schemas['clients-write'].properties).toHaveProperty('writeId');
});

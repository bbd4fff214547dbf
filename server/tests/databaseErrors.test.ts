import { createServer, type AddressInfo, type Socket } from 'node:net';
import { Pool } from 'pg';
import { translated } from '../src/database/databaseErrors';
import { outlive } from '../src/jobs/outlive';

/** What the driver raises when the other end of its line behaves like this. */
async function raisedBy(behaves: (socket: Socket) => void, listens = true): Promise<unknown> {
  const server = createServer(behaves);
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  const { port } = server.address() as AddressInfo;
  if (!listens) await new Promise((done) => server.close(done));
  const pool = new Pool({ host: '127.0.0.1', port, user: 'a', connectionTimeoutMillis: 200 });
  try {
    return await pool.connect().catch((error: unknown) => error);
  } finally {
    await pool.end();
    server.close();
  }
}

it.each<[string, () => Promise<unknown>, string]>([
  ['takes the line and says nothing', () => raisedBy(() => undefined), 'busy'],
  ['hangs up', () => raisedBy((socket) => socket.destroy()), 'database-away'],
  ['resets the line', () => raisedBy((socket) => socket.resetAndDestroy()), 'database-away'],
  ['is not there', () => raisedBy(() => undefined, false), 'database-away'],
])('a database that %s is told as trouble that passes', async (_name, raise, code) => {
  expect(translated(await raise())).toMatchObject({ status: 503, shape: { code } });
});

it('what is no trouble of the line stays what it is', () => {
  const own = new Error('something else');
  expect(translated(own)).toBe(own);
});

it.each([
  ['a line that was cut', new Error('Connection terminated unexpectedly'), true],
  ['what nobody foresaw', new Error('something else'), false],
])('under a job, a worker outlives %s: %#', (_what, error, outlives) => {
  const warn = jest.fn();
  const meet = () => outlive({ warn } as never)(error);
  if (outlives) expect(meet).not.toThrow();
  else expect(meet).toThrow(error);
  expect(warn).toHaveBeenCalledTimes(outlives ? 1 : 0);
});

import { sendWrite } from '../src/data/sendWrite';
import { expired, remember, signIn } from '../src/data/session';
import { dropTrouble, troubles, writesSetAside } from '../src/data/troubles';
import type { Write } from '../src/data/writes';

jest.mock('idb-keyval', () => ({ get: async () => undefined, set: async () => undefined }));

const write = (part: Partial<Write> = {}): Write => ({
  writeId: 'w1',
  coachId: 'ilse',
  kind: 'clients',
  clientId: 'c',
  version: 1,
  record: { id: 'c', name: 'Mine' } as never,
  ...part,
});

/** Answers in order; each call is remembered. */
function server(...answers: [number, object][]) {
  const calls: { url: string; body: Write }[] = [];
  global.fetch = jest.fn(async (url: string, init: RequestInit) => {
    calls.push({ url, body: JSON.parse(String(init.body)) });
    const [status, body] = answers.shift() ?? [500, {}];
    return { ok: status < 400, status, json: async () => body } as Response;
  }) as never;
  return calls;
}

beforeEach(() => {
  troubles.set([]);
  expired.set(false);
  remember({ coach: { id: 'ilse' }, practice: {} } as never);
});

it('sends a write with its id and the version it started from', async () => {
  const calls = server([200, { record: { id: 'c', version: 2 } }]);
  expect(await sendWrite(write())).toEqual({ status: 'taken', record: { id: 'c', version: 2 } });
  expect(calls).toEqual([
    {
      url: '/api/v1/clients/c',
      body: { writeId: 'w1', version: 1, record: { id: 'c', name: 'Mine' } },
    },
  ]);
});

it('keeps a conflict for the coach, and later writes to the same record with it', async () => {
  const calls = server([
    409,
    { code: 'conflict', message: 'changed', theirs: { id: 'c', version: 4, name: 'Theirs' } },
  ]);
  expect(await sendWrite(write())).toEqual({ status: 'held' });
  expect(
    await sendWrite(
      write({ writeId: 'w2', version: 2, record: { id: 'c', name: 'Later' } as never }),
    ),
  ).toEqual({ status: 'held' });
  expect(calls).toHaveLength(1);
  expect(troubles.get()).toEqual([
    expect.objectContaining({
      theirs: { id: 'c', version: 4, name: 'Theirs' },
      write: expect.objectContaining({ record: { id: 'c', name: 'Later' } }),
    }),
  ]);
});

it('keeps a refusal with the words of the server', async () => {
  server([422, { code: 'invalid', message: 'height is in metres', hint: 'Nothing was written.' }]);
  expect(await sendWrite(write())).toEqual({ status: 'held' });
  expect(troubles.get()[0]).toMatchObject({ message: 'height is in metres', theirs: null });
});

it.each([500, 503, 429])('gives %p back to be sent again', async (status) => {
  server([status, { code: 'x', message: 'x' }]);
  await expect(sendWrite(write())).rejects.toMatchObject({ status });
  expect(troubles.get()).toEqual([]);
});

describe('a write that the server breaks over', () => {
  const broken: [number, object] = [500, { code: 'unexpected', message: 'Something went wrong.' }];
  const visit = { id: 'v', clientId: 'c' } as never;

  /** Sends it as often as it takes; how often that was. */
  async function sendUntilHeld(one: Write): Promise<number> {
    for (let times = 1; ; times++)
      try {
        expect(await sendWrite(one)).toEqual({ status: 'held' });
        return times;
      } catch (error) {
        expect(error).toMatchObject({ status: 500 });
      }
  }

  it('is set aside after the sixth time, and what goes without it goes on', async () => {
    const calls = server(...Array(6).fill(broken), [200, { record: { id: 'd', version: 1 } }]);
    expect(await sendUntilHeld(write({ writeId: 'b1' }))).toBe(6);
    expect(troubles.get()).toMatchObject([{ setAside: true, write: { writeId: 'b1' } }]);
    const other = write({ writeId: 'w2', record: { id: 'd' } as never });
    expect(await sendWrite(other)).toMatchObject({ status: 'taken' });
    expect(calls).toHaveLength(7);
  });

  it('holds back what cannot go without it, in the order in which it was written', async () => {
    const calls = server(...Array(6).fill(broken));
    await sendUntilHeld(write({ writeId: 'b2' }));
    const later = { kind: 'visits', record: visit } as const;
    expect(await sendWrite(write({ writeId: 'w2', ...later }))).toEqual({ status: 'held' });
    expect(await sendWrite(write({ writeId: 'w3', version: 2 }))).toEqual({ status: 'held' });
    expect(calls).toHaveLength(6);
    expect(
      writesSetAside(troubles.get()).map(({ writeId, version }) => [writeId, version]),
    ).toEqual([
      ['w3', 1],
      ['w2', 1],
    ]);
  });

  it('is tried as often again when it is sent again', async () => {
    server(...Array(12).fill(broken));
    await sendUntilHeld(write());
    dropTrouble('c');
    expect(await sendUntilHeld(write())).toBe(6);
  });

  it.each([502, 503, 504, 429])('a server that is away (%p) may be so for good', async (status) => {
    server(...Array(9).fill([status, { code: 'x', message: 'x' }]));
    for (let i = 0; i < 9; i++) await expect(sendWrite(write())).rejects.toMatchObject({ status });
    expect(troubles.get()).toEqual([]);
  });
});

it('waits for the coach to sign in again, then goes on with the same write', async () => {
  const calls = server(
    [401, { code: 'not-signed-in', message: 'x' }],
    [201, { coach: { id: 'ilse' }, practice: {} }],
    [200, { record: { id: 'c', version: 2 } }],
  );
  const sent = sendWrite(write());
  await new Promise((resolve) => setTimeout(resolve, 20));
  expect(expired.get()).toBe(true);
  await signIn({ email: 'a', password: 'b' });
  expect(await sent).toMatchObject({ status: 'taken' });
  expect(calls.map((call) => call.body.writeId)).toEqual(['w1', undefined, 'w1']);
});

it('does not go on with a write when somebody else signs in', async () => {
  const calls = server(
    [401, { code: 'not-signed-in', message: 'x' }],
    [201, { coach: { id: 'tobiah' }, practice: {} }],
  );
  let settled = false;
  void sendWrite(write()).finally(() => (settled = true));
  await new Promise((resolve) => setTimeout(resolve, 20));
  await signIn({ email: 'tobiah', password: 'b' });
  await new Promise((resolve) => setTimeout(resolve, 20));
  expect(settled).toBe(false);
  expect(calls).toHaveLength(2);
});

it('sends nothing in the session of another coach, and asks nobody to sign in', async () => {
  const calls = server([200, { record: { id: 'c', version: 2 } }]);
  remember({ coach: { id: 'tobiah' }, practice: {} } as never);
  void sendWrite(write());
  await new Promise((resolve) => setTimeout(resolve, 20));
  expect(calls).toEqual([]);
  expect(expired.get()).toBe(false);
});

import { isLeaving, leaving, tellLeaving } from '../src/data/leaving';
import { isNobodyRemembered, remember, signIn, signOut } from '../src/data/session';

const MARK = 'taxikine/leaving';

/** Answers in order, `null` for none; what was asked. */
function server(...answers: (number | null)[]): string[] {
  const asked: string[] = [];
  global.fetch = jest.fn(async (_url: string, { method }: RequestInit) => {
    asked.push(method!);
    const status = answers.shift();
    if (!status) throw new TypeError('no line');
    const json = async () => ({ code: 'x', message: 'x', coach: { id: 'ilse' }, practice: {} });
    return { ok: status < 400, status, json } as Response;
  }) as never;
  return asked;
}

beforeEach(() => {
  localStorage.clear();
  leaving.set(false);
  remember({ coach: { id: 'ilse' }, practice: {} } as never);
});

it.each<[string, number | null, boolean]>([
  ['takes it', 204, false],
  ['has let the session go', 401, false],
  ['is away', 503, true],
  ['has had too much', 429, true],
  ['does not answer', null, true],
])('whoever signs out is out at once; a server that %s', async (_name, status, stands) => {
  const asked = server(status);
  signOut();
  expect(isNobodyRemembered()).toBe(true);
  expect(isLeaving()).toBe(true);
  await tellLeaving();
  expect(isLeaving()).toBe(stands);
  expect(asked[0]).toBe('DELETE');
});

it('outlives a reload, and is told then', async () => {
  localStorage.setItem(MARK, '1');
  expect(isLeaving()).toBe(true);
  const asked = server(204);
  await tellLeaving();
  expect([asked, localStorage.getItem(MARK)]).toEqual([['DELETE'], null]);
});

it('who signs in next is let in after the server has heard of who left', async () => {
  localStorage.setItem(MARK, '1');
  const asked = server(204, 201);
  await signIn({ email: 'a', password: 'b' });
  expect(asked).toEqual(['DELETE', 'POST']);
});

it('nobody signs in over a session that could not be ended', async () => {
  localStorage.setItem(MARK, '1');
  const asked = server(null);
  await expect(signIn({ email: 'a', password: 'b' })).rejects.toThrow('no answer');
  expect(asked).toEqual(['DELETE']);
  expect(isLeaving()).toBe(true);
});

it('what another tab has told is not told again: it would end the session of who came after', async () => {
  leaving.set(true);
  const asked = server(204);
  await tellLeaving();
  expect(asked).toEqual([]);
  expect(leaving.get()).toBe(false);
});

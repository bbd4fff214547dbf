import { call, NoAnswer, type Refused } from '../src/data/api';
import { waitBefore } from '@taxikine/core/records/wire/waitBefore';

it.each<[string, number | null, number[]]>([
  ['nobody answers', null, [500, 1000, 2000, 2000]],
  ['the server breaks over it', 500, [500, 1000, 2000, 2000]],
  ['there were too many', 429, [500, 1000, 2000, 2000]],
  ['what is nearly a server', 501, [500, 1000, 2000, 2000]],
  ['no server is behind the proxy', 502, [500, 1000, 1000, 1000]],
  ['the database is away', 503, [500, 1000, 1000, 1000]],
  ['a server stands still', 504, [500, 1000, 1000, 1000]],
  ['beyond', 505, [500, 1000, 2000, 2000]],
])('%s', (_, status, waits) => {
  expect([0, 1, 2, 3].map((tries) => waitBefore(tries, status))).toEqual(waits);
});

it('knows who answered also where the answer is a page of a proxy', async () => {
  const page = async () => JSON.parse('<html>Bad Gateway</html>') as unknown;
  globalThis.fetch = async () => ({ ok: false, status: 502, json: page }) as unknown as Response;
  const error = await call('GET', '/session').catch((raised: NoAnswer | Refused) => raised);
  expect(error).toBeInstanceOf(NoAnswer);
  expect((error as NoAnswer).status).toBe(502);
});

import type { ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { needNginx } from '../../scripts/lib/debian.mjs';
import { freePort } from '../../scripts/lib/ports.mjs';
import { scratchFolder } from '../../scripts/lib/scratch.mjs';
import { startServer } from '../../scripts/lib/serverProcess.mjs';
import { Proxy } from '../faults/Proxy';
import { button, expect, fileOf, makeClient, signInByHand, test as base } from '../world';

/** Two servers on the world's database, behind nginx with the settings that operators are given. */
class Front {
  private readonly servers: ChildProcess[] = [];

  private constructor(
    private readonly home: string,
    readonly proxy: Proxy,
    private readonly startAt: (port: number) => Promise<ChildProcess>,
  ) {}

  static async make(appUrl: string, wantedPort: number): Promise<Front> {
    const home = scratchFolder('proxy');
    const ports: number[] = [];
    for (let i = 0; i < 4; i++) ports.push(await freePort((ports.at(-1) ?? wantedPort) + 1));
    const [port, plainPort, ...both] = ports as [number, number, number, number];
    const nginx = await needNginx();
    const place = {
      nginx,
      home: join(home, 'nginx'),
      port,
      plainPort,
      servers: both as [number, number],
    };
    const proxy = new Proxy(place);
    const behind = { SECURE_COOKIES: '1', TRUST_PROXY: '1', PUBLIC_URL: proxy.url };
    const front = new Front(home, proxy, (at) =>
      startServer({ port: at, appUrl, behind, logLevel: 'silent' }),
    );
    for (const each of both) front.servers.push(await front.startAt(each));
    await front.proxy.start();
    return front;
  }

  killOne(): void {
    this.servers[0]!.kill('SIGKILL');
  }

  /** Kills every server, and starts one of them again. */
  async killAll(): Promise<void> {
    for (const server of this.servers) server.kill('SIGKILL');
    this.servers.push(await this.startAt(this.proxy.servers[1]));
  }

  async end(): Promise<void> {
    await this.proxy.end();
    for (const server of this.servers) server.kill('SIGKILL');
    rmSync(this.home, { recursive: true, force: true });
  }
}

const test = base.extend<object, { front: Front }>({
  front: [
    async ({ world }, use, { workerIndex }) => {
      const front = await Front.make(world.appUrl, 26_600 + 50 * workerIndex);
      await use(front);
      await front.end();
    },
    { scope: 'worker' },
  ],
});

// The certificate is this test's own: nobody vouches for it.
test.use({ viewport: { width: 390, height: 844 }, ignoreHTTPSErrors: true });

test('who comes without TLS is led to it', async ({ front: { proxy }, page }) => {
  const answer = await page.request.get(`${proxy.plainUrl}/clients`, { maxRedirects: 0 });
  expect(answer.status()).toBe(301);
  expect(answer.headers().location).toBe(`${proxy.url}/clients`);
});

test('a coach works behind it: signed in for this host alone, and told of changes as they happen', async ({
  front: { proxy },
  page,
}) => {
  const refused: string[] = [];
  page.on('console', (line) => {
    if (/policy/i.test(line.text())) refused.push(line.text());
  });
  await signInByHand(page, proxy);
  const [cookie] = await page.context().cookies();
  expect(cookie).toMatchObject({
    name: '__Host-taxikine_session',
    path: '/',
    secure: true,
    httpOnly: true,
    sameSite: 'Strict',
  });
  const answer = await page.request.get(`${proxy.url}/`);
  expect(answer.headers()['strict-transport-security']).toMatch(/max-age=\d{7,}/);
  const client = await makeClient(page, proxy, 'Behind A Proxy');
  await page.goto(`${proxy.url}/clients/${client}`);
  await button(page, 'Start a squat look').waitFor();

  // As another device would.
  const { client: record } = await fileOf(page, proxy, client);
  const { version, ...rest } = record;
  const data = { writeId: randomUUID(), version, record: { ...rest, name: 'Told Through It' } };
  const path = `${proxy.url}/api/v1/clients/${client}`;
  const written = await page.request.put(path, { headers: { 'X-Taxikine': '1' }, data });
  expect(written.status()).toBe(200);
  await expect(page.getByRole('heading', { name: 'Told Through It' })).toBeVisible();
  expect(refused).toEqual([]);
});

test('what the server refuses in words is not refused by the proxy without any', async ({
  front: { proxy },
  page,
}) => {
  const answer = await page.request.post(`${proxy.url}/api/v1/session`, {
    headers: { 'X-Taxikine': '1', 'Content-Type': 'application/json' },
    data: JSON.stringify({ email: 'x'.repeat(2_000_000) }),
  });
  expect([answer.status(), (await answer.json()).code]).toEqual([413, 'too-large']);
});

test('a server that is gone is missed by nobody', async ({ front, page }) => {
  const { proxy } = front;
  await signInByHand(page, proxy);
  front.killOne();
  const client = await makeClient(page, proxy, 'Missed By Nobody');
  for (let i = 0; i < 6; i++) {
    const { client: found } = await fileOf(page, proxy, client);
    expect(found.name).toBe('Missed By Nobody');
  }
});

test('the first server that is back is asked at once, though all had failed a moment ago', async ({
  front,
  page,
}) => {
  const ask = async () => (await page.request.get(`${front.proxy.url}/health`)).status();
  let isBack = false;
  const before: number[] = [];
  // Somebody asks all the while, so that the proxy has seen both fail just now.
  const asking = (async () => {
    while (!isBack) before.push(await ask());
  })();
  await front.killAll();
  isBack = true;
  await asking;
  expect(before).toContain(502);
  for (let i = 0; i < 20; i++) expect(await ask()).toBe(200);
});

import { cpSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { WEB_DIST } from '../../scripts/lib/paths.mjs';
import { scratchFolder } from '../../scripts/lib/scratch.mjs';
import { BUILD_NOTE } from '../../scripts/lib/webApp.mjs';
import {
  allSent,
  button,
  clientNamed,
  expect,
  fileOf,
  keptAnswers,
  makeClient,
  signIn,
  test,
} from '../world';

test.use({ viewport: { width: 390, height: 844 } });

const { table } = JSON.parse(readFileSync(BUILD_NOTE, 'utf8')) as {
  table: Record<string, string[]>;
};
/** The file that is a part's very own. */
const ownFile = (part: string): string =>
  table[part].find((url) => table[part].length === 1 || url.includes(`/${part}-`))!;

const controlled = (page: Page) =>
  page.waitForFunction(() => navigator.serviceWorker.controller !== null);

test.describe('kept on the device', () => {
  test.use({ serviceWorkers: 'allow' });

  test('a whole visit without a signal, in a tab that was opened without one', async ({
    page,
    context,
    world,
  }) => {
    await signIn(page, world);
    const client = await makeClient(page, world, 'Basement');
    await page.goto(`${world.url}/clients/${client}`);
    await button(page, 'Start a squat look').click();
    await button(page, 'All no, go on').click();
    const { href } = new URL(page.url());
    await allSent(page);
    await controlled(page);
    // What was sent is on the device a moment later.
    await expect.poll(() => keptAnswers(page)).toContain('"step":"setup"');

    await context.setOffline(true);
    await world.kill();
    await page.goto(href);
    await page.getByRole('main').getByRole('button', { name: 'Look', exact: true }).click();
    await button(page, 'slide, left').click();
    for (const step of ['Probe', 'Check', 'Trace', 'Work']) {
      await page.getByRole('navigation').getByRole('button', { name: step, exact: true }).click();
      await expect(page.getByRole('main').getByRole('heading').first()).toBeVisible();
      await expect(page.getByText('not on this device yet')).toHaveCount(0);
    }
    await expect(page.getByText(/changes? kept on this device/)).toBeVisible();

    await world.start();
    await context.setOffline(false);
    await allSent(page);
    const { looks } = await fileOf(page, world, client);
    expect(looks[0].faults).toEqual([
      expect.objectContaining({ fault: 'hips-slide', side: 'left' }),
    ]);
  });

  test('a newer version is told, not in mid-visit, and taken when it is wanted', async ({
    page,
    world,
  }) => {
    const dist = scratchFolder('dist');
    cpSync(WEB_DIST, dist, { recursive: true });
    const beside = await world.beside(dist);
    try {
      await signIn(page, { ...world, url: beside.url } as typeof world);
      await controlled(page);
      for (const twin of ['sw.js.br', 'sw.js.gz']) rmSync(join(dist, twin));
      writeFileSync(
        join(dist, 'sw.js'),
        `${readFileSync(join(dist, 'sw.js'), 'utf8')}\n// another version\n`,
      );
      const client = await clientNamed(
        page,
        { ...world, url: beside.url } as typeof world,
        'Maren',
      );
      const { visits } = await fileOf(page, { ...world, url: beside.url } as typeof world, client);
      await page.goto(`${beside.url}/clients/${client}/visits/${visits[0].id}`);
      await page.getByRole('navigation').waitFor();
      await page.evaluate(async () => {
        const registration = (await navigator.serviceWorker.getRegistration('/'))!;
        await registration.update();
      });
      await page.waitForFunction(
        async () => (await navigator.serviceWorker.getRegistration('/'))?.waiting != null,
      );
      await expect(page.getByText('A newer version is ready.')).toHaveCount(0);
      await button(page, 'Back').click();
      await expect(page.getByText('A newer version is ready.')).toBeVisible();
      const loaded = page.waitForEvent('load');
      await button(page, 'Load it anew').click();
      await loaded;
      await expect(page.getByText('A newer version is ready.')).toHaveCount(0);
      await button(page, 'Change details').waitFor();
    } finally {
      await beside.end();
      rmSync(dist, { recursive: true, force: true });
    }
  });
});

test('a part that cannot be had says so, and comes when there is a line again', async ({
  page,
  world,
}) => {
  await signIn(page, world);
  const client = await clientNamed(page, world, 'Maren');
  const file = `**${ownFile('FitScreen')}*`;
  await page.goto(`${world.url}/clients/${client}`);
  await page.route(file, (route) => route.abort());
  await page.route('**/version.json', (route) => route.abort());
  await button(page, 'Fit bench').click();
  await expect(
    page.getByRole('heading', { name: 'This part of the app is not on this device yet.' }),
  ).toBeVisible();
  await page.unroute('**/version.json');
  await page.unroute(file);
  await button(page, 'Try again').click();
  await page.getByRole('slider').first().waitFor();
});

test('a part that was cut off in the middle is fetched anew', async ({ page, world }) => {
  await signIn(page, world);
  const client = await clientNamed(page, world, 'Maren');
  await page.goto(`${world.url}/clients/${client}`);
  const file = ownFile('FitScreen');
  const whole = readFileSync(join(WEB_DIST, file), 'utf8');
  // Only the first answer is broken; what is asked for after it is whole.
  await page.route(`**${file}`, (route) =>
    route.fulfill({ contentType: 'text/javascript', body: whole.slice(0, whole.length / 2) }),
  );
  await button(page, 'Fit bench').click();
  await page.getByRole('slider').first().waitFor();
});

test('a tab that is older than the app says that there is a newer one, and loses nothing', async ({
  page,
  world,
}) => {
  const dist = scratchFolder('dist');
  cpSync(WEB_DIST, dist, { recursive: true });
  const beside = await world.beside(dist);
  const other = { ...world, url: beside.url } as typeof world;
  try {
    await signIn(page, other);
    const client = await makeClient(page, other, 'Older Tab');
    await page.goto(`${beside.url}/clients/${client}`);
    await button(page, 'Start a squat look').waitFor();
    // An update: other files under other names.
    const scripts = join(dist, '_expo', 'static', 'js', 'web');
    for (const name of readdirSync(scripts))
      if (name.startsWith('LibraryScreen') || name.startsWith('FitScreen'))
        rmSync(join(scripts, name));
    writeFileSync(join(dist, 'version.json'), JSON.stringify({ version: 'newer' }));
    await button(page, 'Fit bench').click();
    await expect(
      page.getByRole('heading', { name: 'There is a newer version of the app.' }),
    ).toBeVisible();
    await expect(button(page, 'Load it anew')).toBeVisible();
    const { status } = await page.request
      .get(`${beside.url}${ownFile('FitScreen')}`)
      .then((answer) => ({
        status: answer.status(),
      }));
    expect(status).toBe(404);
  } finally {
    await beside.end();
    rmSync(dist, { recursive: true, force: true });
  }
});

test('a browser that keeps nothing says so, and what is entered is sent all the same', async ({
  page,
  world,
}) => {
  await page.addInitScript(() =>
    Object.defineProperty(window, 'indexedDB', { value: undefined, configurable: true }),
  );
  await signIn(page, world);
  await expect(page.getByText('This browser keeps nothing here.')).toBeVisible();
  const client = await makeClient(page, world, 'Private Window');
  await page.goto(`${world.url}/clients/${client}`);
  await button(page, 'Start a squat look').click();
  await button(page, 'All no, go on').click();
  await allSent(page);
  expect((await fileOf(page, world, client)).visits).toHaveLength(1);
});

test('a device without room says so, until there is some', async ({ page, world }) => {
  await signIn(page, world);
  const client = await makeClient(page, world, 'Full Phone');
  await page.goto(`${world.url}/clients/${client}`);
  await button(page, 'Start a squat look').waitFor();
  await page.evaluate(() => {
    const { put } = IDBObjectStore.prototype;
    const full = () => {
      throw new DOMException('no room', 'QuotaExceededError');
    };
    Object.assign(window, { room: () => (IDBObjectStore.prototype.put = put) });
    IDBObjectStore.prototype.put = full as never;
  });
  await button(page, 'Start a squat look').click();
  await expect(page.getByText('There is no room left on this device.')).toBeVisible();
  await page.evaluate(() => (window as unknown as { room: () => void }).room());
  await button(page, 'All no, go on').click();
  await expect(page.getByText('There is no room left on this device.')).toHaveCount(0);
  await allSent(page);
  expect((await fileOf(page, world, client)).visits[0].asks).toHaveLength(1);
});

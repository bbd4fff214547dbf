import { readFileSync } from 'node:fs';
import { button, clientNamed, expect, makeClient, letIn, test, visitAtWork } from '../world';

test.use({ viewport: { width: 390, height: 844 } });

test('a client’s trends: both sides drawn and told, kinds to choose from, printed and saved', async ({
  page,
  world,
}) => {
  await letIn(page, world);
  await page.goto(`${world.url}/clients/${await clientNamed(page, world, 'Linnea')}`);
  await button(page, 'Trends').click();
  await expect(
    page.getByRole('img', { name: /^Hip extension\. Left: 7°.* Right: −9°/ }),
  ).toBeVisible();
  await expect(page.getByRole('img', { name: /^Split: .*marked \(11°\)/ })).toBeVisible();
  await expect(
    page.getByRole('img', { name: /^Full-range split squat\. Left: rung 1/ }),
  ).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Done in between' })).toBeVisible();

  await button(page, 'Show: ladders').click();
  await expect(page.getByRole('img', { name: /^Hip extension/ })).toHaveCount(0);
  await expect(page.getByRole('img', { name: /^Full-range split squat/ })).toBeVisible();

  const [download] = await Promise.all([
    page.waitForEvent('download'),
    button(page, 'All measures (CSV)').click(),
  ]);
  expect(readFileSync((await download.path())!, 'utf8')).toContain('floor-sit-turn');

  await page.emulateMedia({ media: 'print' });
  await expect(button(page, 'Print')).toBeHidden();
  await expect(page.getByRole('img', { name: /^Full-range split squat/ })).toBeVisible();
});

test('what does not move is said, with the way back to the trace; what was measured once has no trend', async ({
  page,
  world,
}) => {
  await letIn(page, world);
  const client = await makeClient(page, world, 'Stuck');
  const bend = (passive: number) => [{ check: 'ankle-bend-knee-bent', side: 'right', passive }];
  await page.goto(`${world.url}/clients/${client}/trends`);
  await expect(page.getByText('Nothing was measured twice yet.')).toBeVisible();
  for (const [daysAgo, deg] of [
    [42, 25],
    [32, 26],
    [22, 24],
    [12, 25],
    [2, 25],
  ])
    await visitAtWork(page, world, client, { daysAgo, checks: bend(deg) });
  await page.reload();
  await expect(
    page.getByText('Not moving in 6 weeks: the trace is probably wrong.').first(),
  ).toBeVisible();
  await button(page, 'Look at the trace again').click();
  await page.waitForURL(/\/board$/);
});

test('without the worker of trends it is said, and asked again by itself', async ({
  page,
  world,
}) => {
  await letIn(page, world);
  let cut = true;
  await page.route(/\/trend-\w+\.js/, (route) => (cut ? route.abort() : route.continue()));
  await page.goto(`${world.url}/clients/${await clientNamed(page, world, 'Linnea')}/trends`);
  await expect(page.getByRole('heading', { name: 'The server does not answer.' })).toBeVisible();
  cut = false;
  await expect(page.getByRole('img', { name: /^Hip extension\. Left: 7°/ })).toBeVisible();
});

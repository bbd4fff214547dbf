import { button, expect, letIn, makeClient, test, visitAtWork } from '../world';

test.use({ viewport: { width: 390, height: 844 } });

test('a long library is drawn as it is scrolled, to its last drill', async ({ page, world }) => {
  await letIn(page, world);
  await page.goto(`${world.url}/library`);
  const told = page.getByText(/^\d+ drills$/);
  const rows = page.getByRole('main').getByRole('heading', { level: 3 });
  const all = async () => Number.parseInt((await told.textContent())!, 10);
  await rows.first().waitFor();
  expect(await all()).toBeGreaterThan(80);
  expect(await rows.count()).toBeLessThan(40);
  await expect
    .poll(
      async () => {
        await rows.last().scrollIntoViewIfNeeded();
        return (await all()) - (await rows.count());
      },
      { intervals: [50] },
    )
    .toBe(0);

  // Another list begins at its top, and is found whole.
  await page.getByLabel('Search by name or feel').fill('ankle');
  await expect(told).not.toHaveText(/^[89]\d drills$/);
  expect(await rows.count()).toBeLessThan(40);
});

test('in a session, every drill there is opens with the first of them', async ({ page, world }) => {
  await letIn(page, world);
  const client = await makeClient(page, world, 'Long list');
  const visit = await visitAtWork(page, world, client, { daysAgo: 0 });
  await page.goto(`${world.url}/clients/${client}/visits/${visit}`);
  await button(page, 'Add a drill').click();
  await button(page, 'For: anything').click();
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByText(/^[5-9]\d drills$/)).toBeVisible();
  const rows = sheet.getByRole('heading', { level: 3 });
  await rows.nth(1).waitFor();
  expect(await rows.count()).toBeLessThan(40);
});

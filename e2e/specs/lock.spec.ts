import type { Page, Route } from '@playwright/test';
import { button, expect, fileOf, letIn, makeClient, takeFromHouse, test } from '../world';

test.use({ viewport: { width: 390, height: 844 } });

const TOBIAH = { email: 'tobiah@saltreach.example', password: 'low-tide-42' };
const locked = (page: Page) => page.getByRole('dialog', { name: 'Locked' });
const noLine = (route: Route) => route.abort();
const field = (page: Page, name: string) => page.getByLabel(name, { exact: true });

/** Neither a thumb nor a keyboard comes to anything under the lock. */
async function isOutOfReach(page: Page): Promise<boolean> {
  const save = (await button(page, 'Save').boundingBox())!;
  const isOver = await page.evaluate(
    ({ x, y }) => document.elementFromPoint(x + 5, y + 5)?.closest('dialog') != null,
    save,
  );
  const reached = [];
  for (let i = 0; i < 8; i++) {
    await page.keyboard.press('Tab');
    reached.push(
      await page.evaluate(() =>
        document.activeElement === document.body || document.activeElement?.closest('dialog')
          ? null
          : document.activeElement?.outerHTML,
      ),
    );
  }
  return isOver && reached.every((one) => one === null);
}

test('a screen that is locked keeps what was entered, and opens by the code of the device without a line', async ({
  page,
  world,
}) => {
  await letIn(page, world, TOBIAH);
  await page.goto(`${world.url}/account`);
  await field(page, 'Digits').fill('258');
  await button(page, 'Keep these digits').click();
  await expect(page.getByRole('alert')).toHaveText('Four to eight digits.');
  await field(page, 'Digits').fill('2580');
  await button(page, 'Keep these digits').click();
  await expect(button(page, 'Take the code away')).toBeVisible();

  // Half-way through a form, with a write that waits for the server.
  const client = await makeClient(page, world, 'Behind A Lock');
  await page.goto(`${world.url}/clients/${client}`);
  await button(page, 'Start a squat look').click();
  await button(page, 'All no, go on').waitFor();
  await page.route('**/api/v1/**', noLine);
  await button(page, 'All no, go on').click();
  await page.goto(`${world.url}/clients/${client}/edit`);
  await field(page, 'Work, sport, habits').fill('half of a sentence');
  await button(page, 'Lock this screen').click();
  await expect(locked(page)).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await expect(locked(page)).toBeVisible();
  expect(await isOutOfReach(page)).toBe(true);
  await field(page, 'The code of this device').fill('2580');
  await button(page, 'Open').click();
  await expect(field(page, 'Work, sport, habits')).toHaveValue('half of a sentence');

  await button(page, 'Lock this screen').click();
  await page.reload();
  await expect(locked(page)).toBeVisible();
  await field(page, 'The code of this device').fill('1111');
  await button(page, 'Open').click();
  await expect(page.getByRole('alert')).toHaveText('This is not the code. 4 tries are left.');
  await button(page, 'Open with the password').click();
  await field(page, 'Your password').fill(TOBIAH.password);
  await button(page, 'Open').click();
  await expect(page.getByRole('alert')).toHaveText('The server does not answer.');
  await page.reload();
  await field(page, 'The code of this device').fill('2580');
  await button(page, 'Open').click();
  await expect(locked(page)).toHaveCount(0);

  // While it is locked, what waited is sent.
  await button(page, 'Lock this screen').click();
  await page.unroute('**/api/v1/**', noLine);
  await expect
    .poll(async () => (await fileOf(page, world, client)).visits[0]?.step, { timeout: 30_000 })
    .toBe('setup');
  await expect(locked(page)).toBeVisible();
  await button(page, 'Open with the password').click();
  await field(page, 'Your password').fill('not this one');
  await button(page, 'Open').click();
  await expect(page.getByRole('alert')).toHaveText('This is not your password now.');
  await field(page, 'Your password').fill(TOBIAH.password);
  await button(page, 'Open').click();
  await expect(locked(page)).toHaveCount(0);
});

test('a screen that nobody touches locks itself where an owner wants it', async ({
  page,
  world,
}) => {
  await page.clock.install();
  await letIn(page, world);
  await page.goto(world.url);
  await takeFromHouse(page, /^The practice/);
  await button(page, 'A screen that nobody touches locks: after 2 minutes').click();
  await button(page, 'Save').click();
  await expect(page.getByText('Saved.')).toBeVisible();
  await page.clock.runFor(110_000);
  await expect(locked(page)).toHaveCount(0);
  await page.clock.runFor(20_000);
  await expect(locked(page)).toBeVisible();
  await field(page, 'Your password').fill('low-tide-42');
  await button(page, 'Open').click();
  await expect(locked(page)).toHaveCount(0);
  await button(page, 'A screen that nobody touches locks: never').click();
  await button(page, 'Save').click();
  await expect(page.getByText('Saved.')).toBeVisible();
});

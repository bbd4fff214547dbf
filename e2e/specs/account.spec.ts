import type { Page } from '@playwright/test';
import {
  STRANGER,
  type World,
  button,
  expect,
  letIn,
  signInByHand,
  takeFromHouse,
  test,
} from '../world';

test.use({ viewport: { width: 390, height: 844 } });

const NEXT = 'seven quiet herons';

const field = (page: Page, name: string) => page.getByLabel(name, { exact: true });

async function openAccount(page: Page, world: World): Promise<void> {
  await page.goto(`${world.url}/account`);
  await page.getByText(/· this one$/).waitFor();
}

async function change(page: Page, current: string, next: string): Promise<void> {
  await field(page, 'Password now').fill(current);
  await field(page, 'New password').fill(next);
  await button(page, 'Change the password').click();
}

test('a phone that was lost is signed out from another one', async ({ page, browser, world }) => {
  const lost = await (await browser.newContext()).newPage();
  await letIn(lost, world, STRANGER);
  await openAccount(lost, world);
  await letIn(page, world, STRANGER);
  await page.goto(world.url);
  await takeFromHouse(page, /^Your account/);
  const ends = page.getByRole('button', { name: /^Sign out: / });
  await ends.first().waitFor();
  const before = await ends.count();
  await ends.first().click();
  await expect(ends).toHaveCount(before - 1);
  await expect(page.getByText(/· this one$/)).toBeVisible();
  // Seen last, and so the first of the list.
  await lost.goto(`${world.url}/clients/new`);
  await lost.reload();
  await expect(lost.getByRole('button', { name: 'Sign in' })).toBeVisible();
});

test('a password is changed, with every word where it belongs, and not without the server', async ({
  page,
  browser,
  world,
}) => {
  const other = await (await browser.newContext()).newPage();
  await letIn(other, world, STRANGER);
  await letIn(page, world, STRANGER);
  await openAccount(page, world);
  await change(page, '', NEXT);
  await expect(page.getByRole('alert')).toHaveText('Type the password you have now.');
  await change(page, STRANGER.password, 'short');
  await expect(page.getByRole('alert')).toHaveText('At least 10 characters; these are 5.');
  await change(page, STRANGER.password, 'Basketball1!');
  await expect(page.getByRole('alert')).toHaveText(/^Very many people use this one/);
  await change(page, 'not this one', NEXT);
  await expect(page.getByRole('alert')).toHaveText('This is not your password now.');

  await world.kill();
  await change(page, STRANGER.password, NEXT);
  await expect(page.getByRole('alert')).toHaveText('The server does not answer.');
  await expect(field(page, 'New password')).toHaveValue(NEXT);
  await world.start();
  await button(page, 'Change the password').click();
  await expect(page.getByText(/^The password is changed\. .* signed out\.$/)).toBeVisible();
  await expect(field(page, 'New password')).toHaveValue('');
  await expect(page.getByText('You are signed in nowhere else.')).toBeVisible();
  expect((await other.request.get(`${world.url}/api/v1/session`)).status()).toBe(401);

  await signInByHand(other, world, { ...STRANGER, password: NEXT });
  // As it was, for the tests after this one.
  await change(page, NEXT, STRANGER.password);
  await expect(page.getByText(/^The password is changed\. One other device/)).toBeVisible();
});

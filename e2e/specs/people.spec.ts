import type { Page } from '@playwright/test';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Client } from 'pg';
import { button, expect, letIn, signIn, STRANGER, test, type World } from '../world';

test.use({ viewport: { width: 390, height: 844 } });

const field = (page: Page, name: string) => page.getByLabel(name, { exact: true });

/** Invites somebody, and the address to give them. */
async function invited(page: Page, name: string, email: string): Promise<string> {
  await button(page, 'Invite somebody').click();
  await field(page, 'Name').fill(name);
  await field(page, 'E-mail').fill(email);
  await button(page, 'Make the invitation').click();
  const address = await field(page, 'Link to the invitation').inputValue();
  await button(page, 'Done').click();
  return address;
}

async function chosen(page: Page, address: string, password: string): Promise<void> {
  await page.goto(address);
  await field(page, 'Password').fill(password);
  await button(page, 'Choose it and go in').click();
  await page.getByRole('heading', { name: 'Loose ends' }).waitFor();
}

test('somebody is invited, comes, is no owner, and is let in no more', async ({
  page,
  browser,
  world,
}) => {
  await letIn(page, world, STRANGER);
  await page.goto(`${world.url}/practice`);
  await button(page, 'Invite somebody').click();
  await field(page, 'Name').fill('Maud Ekern');
  await field(page, 'E-mail').fill(STRANGER.email);
  await button(page, 'Make the invitation').click();
  await expect(page.getByRole('alert')).toHaveText('This address has an account already.');
  await button(page, 'Close').click();
  const address = await invited(page, 'Maud Ekern', 'maud@elsewhere.example');
  await expect(page.getByText(/invited, not here yet/)).toBeVisible();

  const maud = await (
    await browser.newContext({ viewport: { width: 390, height: 844 } })
  ).newPage();
  await maud.goto(address);
  await expect(maud.getByRole('heading', { name: 'Welcome to Elsewhere' })).toBeVisible();
  await field(maud, 'Password').fill('basketball');
  await button(maud, 'Choose it and go in').click();
  await expect(maud.getByRole('alert')).toHaveText(/^Very many people use this one/);
  await world.kill();
  await field(maud, 'Password').fill('seven quiet herons');
  await button(maud, 'Choose it and go in').click();
  await expect(maud.getByRole('alert')).toHaveText('The server does not answer.');
  await world.start();
  await button(maud, 'Choose it and go in').click();
  await maud.getByRole('heading', { name: 'Loose ends' }).waitFor();
  await maud.goto(`${world.url}/practice`);
  await expect(maud.getByText(/^An owner of the practice exports it/)).toBeVisible();
  await expect(button(maud, 'Export the practice')).toHaveCount(0);

  const late = await (await browser.newContext()).newPage();
  await late.goto(address);
  await expect(
    late.getByRole('heading', { name: 'This link has run out, or was used already.' }),
  ).toBeVisible();

  await page.reload();
  await button(page, 'Change: Maud Ekern').click();
  await button(page, 'Let in no more').click();
  await expect(button(page, 'Let in again')).toBeVisible();
  await maud.reload();
  await expect(maud.getByRole('button', { name: 'Sign in' })).toBeVisible();

  await button(page, 'Close').click();
  await button(page, 'Who did what').click();
  await expect(page.getByText('Stranger let Maud Ekern in no more')).toBeVisible();
  await expect(page.getByText('Maud Ekern chose a password by a link')).toBeVisible();
  const table = page.waitForEvent('download');
  await button(page, 'All as a table (CSV)').click();
  expect((await table).suggestedFilename()).toBe('deeds.csv');
});

/** The link of the one letter that went to an address. */
function linkIn(world: World, email: string): string | null {
  const letters = readdirSync(world.outbox).map((name) =>
    readFileSync(join(world.outbox, name), 'utf8').replaceAll('=\r\n', ''),
  );
  const letter = letters.find((text) => text.includes(email) && text.includes('/welcome#'));
  return /http:[^\s]*\/welcome#[\w-]+/.exec(letter ?? '')?.[0] ?? null;
}

test('a forgotten password is chosen anew by a letter', async ({ page, browser, world }) => {
  await signIn(page, world, STRANGER);
  await page.goto(`${world.url}/practice`);
  const email = 'forgets@elsewhere.example';
  await chosen(
    await (await browser.newContext()).newPage(),
    await invited(page, 'Odd Berge', email),
    'seven quiet herons',
  );
  const door = await (await browser.newContext()).newPage();
  await door.goto(world.url);
  await button(door, 'Forgot the password?').click();
  await expect(door.getByText('e-mail is needed')).toBeVisible();
  await field(door, 'E-mail').fill(email);
  await button(door, 'Forgot the password?').click();
  await expect(door.getByText(/^If forgets@elsewhere\.example has an account here/)).toBeVisible();
  await expect.poll(() => linkIn(world, email)).not.toBeNull();
  await chosen(door, linkIn(world, email)!, 'eight loud gannets');
  await door.goto(`${world.url}/account`);
  await expect(door.getByText('You are signed in nowhere else.')).toBeVisible();
});

/** As if everybody had signed in a while ago. */
async function anHourLater(page: Page, world: World): Promise<void> {
  const { practice } = await (await page.request.get(`${world.url}/api/v1/session`)).json();
  const client = new Client({ connectionString: world.appUrl });
  await client.connect();
  await client.query("SELECT set_config('app.practice_id', $1, false)", [practice.id]);
  await client.query("UPDATE session SET confirmed_on = now() - interval '1 hour'");
  await client.end();
}

test('what cannot be undone asks for the password again, and goes on by itself', async ({
  page,
  world,
}) => {
  await letIn(page, world, STRANGER);
  await anHourLater(page, world);
  await page.goto(`${world.url}/practice`);
  await button(page, 'Invite somebody').click();
  await field(page, 'Name').fill('Late Guest');
  await field(page, 'E-mail').fill('late@elsewhere.example');
  await button(page, 'Make the invitation').click();
  await field(page, 'Your password').fill('not this one');
  await button(page, 'Go on').click();
  await expect(page.getByRole('alert')).toHaveText('This is not your password now.');
  await field(page, 'Your password').fill(STRANGER.password);
  await button(page, 'Go on').click();
  await expect(field(page, 'Link to the invitation')).toBeVisible();
  await button(page, 'Done').click();

  await anHourLater(page, world);
  const whole = page.waitForEvent('download');
  await button(page, 'Export the practice').click();
  await field(page, 'Your password').fill(STRANGER.password);
  await button(page, 'Go on').click();
  expect((await whole).suggestedFilename()).toBe('practice.zip');

  await anHourLater(page, world);
  await button(page, 'Change: Late Guest').click();
  await button(page, 'Let in no more').click();
  await page.getByRole('heading', { name: 'Your password, please' }).waitFor();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('alert')).toHaveText(/^Type your password again first/);
  await expect(button(page, 'Let in no more')).toBeVisible();
});

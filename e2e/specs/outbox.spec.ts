import type { Page } from '@playwright/test';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { allSent, button, clientWithPlan, expect, letIn, test, type World } from '../world';

test.use({ viewport: { width: 390, height: 844 }, timezoneId: 'Europe/Oslo' });

async function writeAddress(page: Page, email: string): Promise<void> {
  await button(page, 'Add one').click();
  await page.getByLabel('E-mail address').fill(email);
  await button(page, 'Save').click();
}

/** Letters that the simulated outbox took, as text: long lines are broken with a sign of their own. */
const lettersIn = (world: World): string[] =>
  readdirSync(world.outbox)
    .filter((name) => name.endsWith('.eml'))
    .map((name) => readFileSync(join(world.outbox, name), 'utf8').replaceAll('=\n', ''));

test('a letter is asked for with the server dead, goes out when it is back, and its link opens the page', async ({
  page,
  world,
  browser,
}) => {
  await letIn(page, world);
  const client = await clientWithPlan(page, world, 'Oda Fennimore');
  await page.goto(`${world.url}/clients/${client}/home`);
  await writeAddress(page, 'oda@');
  await expect(page.getByText('This is not an address that can be written to')).toBeVisible();
  await page.getByLabel('E-mail address').fill('oda@fenn.example');
  await button(page, 'Save').click();
  await allSent(page);
  await button(page, 'Week at home').click();
  await expect(page.getByText('A letter to oda@fenn.example')).toBeVisible();

  await world.kill();
  await button(page, 'Write that the plan is ready').click();
  await expect(page.getByText('waiting to go out')).toBeVisible();
  await expect(button(page, 'Write that the plan is ready')).toBeDisabled();
  await page.reload().catch(() => {});
  await world.start();
  await page.goto(`${world.url}/clients/${client}/home`);
  await expect(page.getByText(/^sent today, .* to oda@fenn.example$/)).toBeVisible();

  const letters = lettersIn(world).filter((text) => text.includes('Oda'));
  expect(letters).toHaveLength(1);
  const link = /http:\/\/127\.0\.0\.1:\d+\/home#[\w-]+/.exec(letters[0].replaceAll('=3D', '='))![0];
  const theirs = await browser.newContext();
  const phone = await theirs.newPage();
  await phone.goto(link);
  await expect(phone.getByRole('heading', { name: 'Today, Oda' })).toBeVisible();
  await theirs.close();

  await page.goto(`${world.url}/outbox`);
  const line = page.getByRole('listitem').filter({ hasText: 'Oda Fennimore: The plan is ready' });
  await expect(line).toContainText('sent today');
});

test('without a worker everything waits and says so; one that comes does it all', async ({
  page,
  world,
}) => {
  await letIn(page, world);
  const client = await clientWithPlan(page, world, 'Per Askew');
  await page.goto(`${world.url}/clients/${client}/home`);
  await writeAddress(page, 'per@askew.example');
  await allSent(page);
  await world.killWorker();
  await page.goto(`${world.url}/clients/${client}/home`);
  await button(page, 'Write that the plan is ready').click();
  await allSent(page);
  await button(page, 'Handout').click();
  const saved = page.waitForEvent('download');
  await button(page, 'PDF').click();
  await expect(page.getByText('The PDF takes longer than usual')).toBeVisible();

  const other = await page.context().newPage();
  await other.goto(`${world.url}/outbox`);
  await expect(other.getByText(/No worker is there/)).toBeVisible();
  await expect(other.getByText(/jobs are under way/)).toBeVisible();

  await world.startWorker();
  expect((await saved).suggestedFilename()).toMatch(/\.pdf$/);
  await expect(other.getByText('The worker is there. Nothing is under way.')).toBeVisible();
  await expect(
    other.getByRole('listitem').filter({ hasText: 'Per Askew: The plan is ready' }),
  ).toContainText('sent today');
});

test('a letter that does not get through is seen on the day, with the reason, and is tried again', async ({
  page,
  world,
}) => {
  await letIn(page, world);
  const client = await clientWithPlan(page, world, 'Rue Halloran');
  await page.goto(`${world.url}/clients/${client}/home`);
  await writeAddress(page, 'rue@busy.example');
  await page.goto(`${world.url}/clients/${client}/home`);
  await button(page, 'Write that the plan is ready').click();
  await allSent(page);
  await expect
    .poll(
      async () => (await (await page.request.get(`${world.url}/api/v1/jobs`)).json()).stuck.length,
    )
    .toBeGreaterThan(0);
  await page.goto(world.url);
  await expect(page.getByText('Something in the background is stuck')).toBeVisible();
  await button(page, 'See what').click();
  const job = page.getByRole('listitem').filter({ hasText: 'A letter, Rue Halloran' });
  await expect(job).toContainText('is tried again');
  await expect(job).toContainText('rue@busy.example cannot take a letter now');
});

test('nobody is written to while a clinician has to come first', async ({ page, world }) => {
  await letIn(page, world);
  const client = await clientWithPlan(page, world, 'Sten Orlow');
  await page.goto(`${world.url}/clients/${client}/home`);
  await writeAddress(page, 'sten@orlow.example');
  await allSent(page);
  await page.goto(`${world.url}/clients/${client}`);
  await button(page, 'Start a split look').click();
  await button(page, 'Pain at night or at rest that does not ease? yes').click();
  await button(page, '1 yes: record it').click();
  await page.getByRole('dialog').getByRole('button', { name: '1 yes: record it' }).click();
  await page.getByRole('heading', { name: 'Stop and refer' }).waitFor();
  await allSent(page);
  await page.goto(`${world.url}/clients/${client}/home`);
  await expect(
    page.getByText(/No letter now: a clinician has to clear this client first/),
  ).toBeVisible();
  await expect(button(page, 'Write that the plan is ready')).toHaveCount(0);
});

import type { Browser, Page } from '@playwright/test';
import {
  button,
  coachIdOn,
  expect,
  keptAnswers,
  letIn,
  makeClient,
  takeFromHouse,
  test,
  type World,
} from '../world';

test.use({ viewport: { width: 390, height: 844 } });

const TOBIAH = { email: 'tobiah@saltreach.example', password: 'low-tide-42' };

/** Another coach of the same practice, at a client's page on a device of their own. */
async function tobiahAt(browser: Browser, world: World, client: string): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const page = await context.newPage();
  await letIn(page, world, TOBIAH);
  await page.goto(`${world.url}/clients/${client}`);
  await button(page, 'Start a squat look').waitFor();
  return page;
}

const namesKept = async (page: Page, name: string) => (await keptAnswers(page)).includes(name);

test('a client who is kept to a coach goes from the others’ devices, and comes back', async ({
  browser,
  page,
  world,
}) => {
  await letIn(page, world);
  const client = await makeClient(page, world, 'Kept Away');
  const tobiah = await tobiahAt(browser, world, client);
  await expect.poll(() => namesKept(tobiah, 'Kept Away')).toBe(true);
  await page.goto(`${world.url}/clients/${client}`);
  await expect(page.getByText('Every coach of the practice.')).toBeVisible();
  await button(page, 'Change who sees them').click();
  await button(page, 'Only Ilse Varga-Holm').click();
  await expect(button(page, 'Only Ilse Varga-Holm')).toHaveAttribute('aria-pressed', 'true');
  await button(page, 'Close').click();
  await expect(page.getByText('You, and the owners of the practice.')).toBeVisible();

  await expect(tobiah.getByText('There is nothing at this address.')).toBeVisible();
  await expect.poll(() => namesKept(tobiah, 'Kept Away')).toBe(false);

  await button(page, 'Change who sees them').click();
  await button(page, 'Every coach').click();
  await tobiah.goto(`${world.url}/clients/${client}`);
  await expect(button(tobiah, 'Keep them to yourself')).toBeVisible();
  await tobiah.context().close();
});

test('who leaves nothing on a device leaves nothing on it', async ({ page, world }) => {
  await letIn(page, world, TOBIAH);
  const client = await makeClient(page, world, 'Left Behind');
  await page.goto(`${world.url}/clients/${client}`);
  await button(page, 'Start a squat look').waitFor();
  await expect.poll(() => namesKept(page, 'Left Behind')).toBe(true);
  const tobiah = await coachIdOn(page);
  await page.goto(world.url);
  await takeFromHouse(page, /^Sign out and leave nothing here/);
  await button(page, 'Leave nothing here').click();
  await page.getByLabel('E-mail').waitFor();
  await expect.poll(() => keptAnswers(page, tobiah)).toBe('[]');
  expect((await page.request.get(`${world.url}/api/v1/session`)).status()).toBe(401);
});

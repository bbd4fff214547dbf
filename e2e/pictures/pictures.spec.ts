import type { Page } from '@playwright/test';
import { fileURLToPath } from 'node:url';
import { allSent, button, clientNamed, fileOf, signIn, test, type World } from '../world';

const FOLDER = fileURLToPath(new URL('../../docs/screenshots/', import.meta.url));
const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };

/** Fonts in, writes away, animations over. */
async function take(page: Page, name: string) {
  await allSent(page);
  await page.mouse.move(0, 0);
  await page.waitForTimeout(400);
  await page.screenshot({ path: `${FOLDER}${name}.png` });
}

const step = (page: Page, name: string) =>
  page.getByRole('navigation').getByRole('button', { name, exact: true }).click();

async function openVisit(page: Page, world: World, name: string, which: number) {
  const client = await clientNamed(page, world, name);
  const visits = (await fileOf(page, world, client)).visits.sort(
    (a: { openedOn: string }, b: { openedOn: string }) => a.openedOn.localeCompare(b.openedOn),
  );
  const address = `${world.url}/clients/${client}/visits/${visits[which].id}`;
  await page.goto(address);
  await page.getByRole('navigation').waitFor();
  return address;
}

test.describe('phone', () => {
  test.use({ viewport: PHONE });

  test('views of a visit', async ({ page, world }) => {
    await page.goto(world.url);
    await page.getByRole('button', { name: 'Sign in' }).waitFor();
    await take(page, 'phone-sign-in');
    await signIn(page, world);
    await take(page, 'phone-home');
    await openVisit(page, world, 'Maren', 0);
    await step(page, 'Look');
    await take(page, 'phone-look');
    await step(page, 'Probe');
    await take(page, 'phone-probe');
    await step(page, 'Check');
    await page
      .getByRole('button', { name: /^Ankle bend, knee bent/ })
      .first()
      .click();
    await take(page, 'phone-check');
    await step(page, 'Trace');
    await take(page, 'phone-trace');
    await step(page, 'Verdict');
    await take(page, 'phone-verdict');
    await openVisit(page, world, 'Linnea', 0);
    await step(page, 'Look');
    await take(page, 'phone-look-split');
    await openVisit(page, world, 'Ysolde', 0);
    await step(page, 'Work');
    await button(page, /^Take these drills/).click();
    await button(page, /^Start:/)
      .first()
      .click();
    await button(page, 'Go').click();
    await page.waitForTimeout(3000);
    await button(page, 'Pause').click();
    await take(page, 'phone-player');
    await page.goto(`${world.url}/clients/${await clientNamed(page, world, 'Maren')}/fit`);
    await page.getByRole('slider', { name: 'right ankle bend' }).fill('26');
    await page.getByText('right ankle bend +14°').waitFor();
    await page.waitForTimeout(1500);
    await page.getByRole('main').evaluate((main) => main.scrollTo(0, 0));
    await take(page, 'phone-fit');
  });
});

test.describe('phone, blueprint', () => {
  test.use({ viewport: PHONE, colorScheme: 'dark' });

  test('the look', async ({ page, world }) => {
    await signIn(page, world);
    await openVisit(page, world, 'Tamsin', 0);
    await step(page, 'Look');
    await take(page, 'phone-look-blueprint');
  });
});

test.describe('wide', () => {
  test.use({ viewport: WIDE });

  test('the desk', async ({ page, world }) => {
    await signIn(page, world);
    await take(page, 'wide-home');
    const address = await openVisit(page, world, 'Maren', 0);
    await step(page, 'Look');
    await take(page, 'wide-look');
    await page.goto(`${address}/board`);
    await page.getByRole('heading', { name: 'Trace' }).waitFor();
    await take(page, 'wide-board');
    await page.goto(`${world.url}/clients/${await clientNamed(page, world, 'Rafe')}/edit`);
    await page.getByLabel('Name').waitFor();
    await take(page, 'wide-client-form');
    await page.goto(`${world.url}/clients/${await clientNamed(page, world, 'Maren')}/fit`);
    await page.getByRole('slider', { name: 'right ankle bend' }).fill('26');
    await page.getByText('right ankle bend +14°').waitFor();
    await page.waitForTimeout(1500);
    await page.getByRole('main').evaluate((main) => main.scrollTo(0, 0));
    await button(page, 'Aim: reach the depth').click();
    await button(page, 'Try this stance').waitFor({ timeout: 60_000 });
    await take(page, 'wide-fit');
  });
});

test.describe('wide, blueprint', () => {
  test.use({ viewport: WIDE, colorScheme: 'dark' });

  test('the board', async ({ page, world }) => {
    await signIn(page, world);
    const address = await openVisit(page, world, 'Tamsin', 0);
    await page.goto(`${address}/board`);
    await page.getByRole('heading', { name: 'Trace' }).waitFor();
    await take(page, 'wide-board-blueprint');
  });
});

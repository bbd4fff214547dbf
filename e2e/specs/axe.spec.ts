import AxeBuilder from '@axe-core/playwright';
import type { Locator, Page } from '@playwright/test';
import { inWidth } from '../inWidth';
import { walkTo } from '../walkTo';
import { STEPS, visitOf } from '../visits';
import { button, clientNamed, expect, letIn, signIn, test } from '../world';

/** There are no frames: it runs in the page itself, and tells what is wrong and not what is right. */
const axeOf = (page: Page): AxeBuilder =>
  new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] });

/** Waits until the page has taken the colours of a scheme. */
async function inScheme(page: Page, colorScheme: 'light' | 'dark'): Promise<void> {
  await page.emulateMedia({ colorScheme });
  await page.locator(`.t_${colorScheme}`).first().waitFor({ state: 'attached' });
}

const [PHONE, DESK] = [
  { width: 390, height: 844 },
  { width: 1280, height: 800 },
];

async function inWidths(page: Page, where: string, axe: AxeBuilder) {
  for (const { width, height } of [DESK, PHONE]) {
    await inWidth(page, width, height);
    isWithout(await axe.analyze(), `${where}, ${width} px`);
  }
}

/** Nothing that axe calls serious or critical, at a desk and on a phone. */
async function isSound(page: Page, where: string) {
  await inWidths(page, where, axeOf(page));
  // Colours alone differ in the dark: there only their contrast is looked at again.
  await inScheme(page, 'dark');
  await inWidths(page, `${where}, dark`, axeOf(page).withRules(['color-contrast']));
  await inScheme(page, 'light');
}

function isWithout({ violations }: Awaited<ReturnType<AxeBuilder['analyze']>>, where: string) {
  const bad = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
  expect(bad.map(({ id, nodes }) => `${where}: ${id}: ${nodes[0].html.slice(0, 300)}`)).toEqual([]);
}

async function areSound(page: Page, views: readonly [path: string, shows: Locator][]) {
  for (const [path, shows] of views) {
    await walkTo(page, path, shows);
    await isSound(page, path);
  }
}

/** The session, each of its sheets, and the player with its pad. */
async function theWork(page: Page, url: string, client: string) {
  const named = (name: string | RegExp) => page.getByRole('button', { name }).first();
  await page.goto(`${url}/clients/${client}`);
  await named(/^Go on at/).click();
  await page.getByRole('heading', { name: 'The work' }).waitFor();
  await named('Change the session').click();
  await named(/^Take these drills/).waitFor();
  await isSound(page, 'session');
  await named(/: open$/).click();
  await isSound(page, 'a drill of the session');
  await named('Close').click();
  await named('Add a drill').click();
  await isSound(page, 'library');
  await page.getByLabel('Search by name or feel').fill('front foot high');
  await named('For: anything').click();
  await named(/^Take it in: Split squat, front foot high, left/).click();
  await named('Split squat, front foot high, left: open').click();
  await isSound(page, 'a ladder');
  await named('Weights there are').click();
  await isSound(page, 'weights');
  await named('Close').click();
  await named(/^Take these drills/).click();
  await named(/^Start/).click();
  await isSound(page, 'player');
  await named('Pain').click();
  await isSound(page, 'pain');
}

test.use({ colorScheme: 'light', viewport: PHONE });

test('axe finds nothing serious at the door, nor on any view of a client', async ({
  page,
  world,
}) => {
  await page.goto(world.url);
  await page.getByRole('button', { name: 'Sign in' }).waitFor();
  await isSound(page, 'sign in');
  await signIn(page, world);
  await isSound(page, 'home');
  const client = `/clients/${await clientNamed(page, world, 'Maren')}`;
  await areSound(page, [
    ['/clients/new', button(page, 'left knee')],
    [client, button(page, 'Change details')],
    [`${client}/fit`, page.getByRole('heading', { name: /^Thighs/ })],
    [`${client}/trends`, button(page, 'All measures (CSV)')],
    [`${client}/home`, button(page, 'Which week: Usual week')],
    [`${client}/handout`, button(page, 'Large print')],
  ]);
});

test('axe finds nothing serious on any view of a visit', async ({ page, world }) => {
  await signIn(page, world);
  const visit = await visitOf(page, world, 'Maren');
  await areSound(page, [
    [`${visit}/board`, page.getByText('Tap anything: its whole thread lights up.')],
    [`${visit}/report`, button(page, 'FHIR bundle')],
    [`${visit}/picture`, button(page, 'Choose a picture')],
    [`${visit}/recording`, button(page, 'Film five repetitions')],
  ]);
  await button(page, 'Film five repetitions').click();
  await page.getByRole('heading', { name: /^5 repetitions/ }).waitFor();
  await isSound(page, 'recording, measured');
});

test('axe finds nothing serious on any step of a visit', async ({ page, world }) => {
  await letIn(page, world);
  await page.goto(world.url + (await visitOf(page, world, 'Maren')));
  for (const step of STEPS) {
    await page.getByRole('navigation').getByRole('button', { name: step, exact: true }).click();
    await page.getByRole('main').waitFor();
    await isSound(page, step);
  }
});

test('axe finds nothing serious in the work', async ({ page, world }) => {
  await letIn(page, world);
  await theWork(page, world.url, await clientNamed(page, world, 'Linnea'));
});

test('axe finds nothing serious in the library, nor in the practice', async ({ page, world }) => {
  await signIn(page, world);
  await areSound(page, [
    ['/library', button(page, 'New drill')],
    ['/library/new', page.getByRole('heading', { name: 'The figure' })],
    ['/account', page.getByRole('heading', { name: 'Where you are signed in' })],
    ['/deeds', page.getByText(/ signed in/).first()],
    ['/practice', page.getByRole('heading', { name: 'What holds until the next session' })],
    ['/outbox', page.getByText('Linnea Castell: The plan is ready')],
  ]);
});

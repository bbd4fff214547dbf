import type { Page } from '@playwright/test';
import { paintedJpeg } from '../pictureFiles';
import { squatAtChecks, STEPS, visitOf } from '../visits';
import { walkTo } from '../walkTo';
import {
  allSent,
  button,
  clientNamed,
  expect,
  fileOf,
  letIn,
  makeClient,
  test,
  visitAtWork,
  type World,
} from '../world';

const SETTINGS = '/api/v1/practice/settings';
const USUAL = { name: 'Saltreach Movement Room', idleMin: null };
const AS_BEFORE = { ...USUAL, units: 'metric', timeZone: null, weekStart: 'mon', norms: {} };
const HEADERS = { 'X-Taxikine': '1' };

const decide = async (page: Page, world: World, settings: object) => {
  const answer = await page.request.put(world.url + SETTINGS, { data: settings, headers: HEADERS });
  expect(answer.status()).toBe(200);
};

test.afterEach(async ({ page, world }) => {
  await decide(page, world, AS_BEFORE);
});

/** All that a page says: to eyes, and to a screen reader. */
const saidOn = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const attributes = ['aria-label', 'aria-valuetext', 'placeholder', 'alt', 'title'];
    const told = [...document.querySelectorAll('*')].flatMap((element) => [
      ...attributes.flatMap((name) => element.getAttribute(name) ?? []),
      ...(element.tagName === 'text' ? [element.textContent ?? ''] : []),
    ]);
    return [...document.body.innerText.split('\n'), ...told];
  });

const METRIC = /\d\s?(mm|cm|kg|m|Nm)\b|metre|kilogram/;

/** A length in metric that somebody else said, or that is the name of a thing. */
const THEIR_WORDS = /Rides|Rows/;

async function hasNoMetric(page: Page, where: string) {
  const left = (await saidOn(page)).filter((text) => METRIC.test(text) && !THEIR_WORDS.test(text));
  expect.soft([...new Set(left)], where).toEqual([]);
}

test.describe('inches and pounds', () => {
  test.use({ viewport: { width: 390, height: 844 } });

  test('are chosen by the owner, and said from then on wherever a length is', async ({
    page,
    world,
  }) => {
    await letIn(page, world);
    await page.goto(`${world.url}/practice`);
    await button(page, 'Lengths and weights in: inches, pounds').click();
    await button(page, 'The week begins on: Sunday').click();
    await page.getByLabel('Time zone').selectOption('America/Chicago');
    await button(page, 'Save').click();
    await expect(page.getByText('Saved.')).toBeVisible();
    const client = `/clients/${await clientNamed(page, world, 'Maren')}`;
    const visit = await visitOf(page, world, 'Maren');
    const views = [
      ['/clients/new', page.getByLabel('Height in feet and inches')],
      [client, button(page, 'Change details')],
      [`${client}/edit`, page.getByLabel('Mass in pounds')],
      [`${client}/fit`, page.getByRole('heading', { name: /^Thighs/ })],
      [`${client}/trends`, button(page, 'All measures (CSV)')],
      [`${client}/home`, button(page, 'Which week: Usual week')],
      [`${client}/handout`, button(page, 'Large print')],
      [`${visit}/board`, page.getByText('Tap anything: its whole thread lights up.')],
      [`${visit}/report`, button(page, 'FHIR bundle')],
      [`${visit}/picture`, button(page, 'Choose a picture')],
      [`${visit}/recording`, button(page, 'Film five repetitions')],
      ['/library', button(page, 'New drill')],
    ] as const;
    for (const [path, shows] of views) {
      await walkTo(page, path, shows);
      await hasNoMetric(page, path);
    }
    await walkTo(page, `${visit}/recording`, button(page, 'Film five repetitions'));
    await button(page, 'Film five repetitions').click();
    await page.getByRole('heading', { name: /^5 repetitions/ }).waitFor();
    await hasNoMetric(page, 'recording, measured');
    await page.goto(world.url + visit);
    for (const step of STEPS) {
      await page.getByRole('navigation').getByRole('button', { name: step, exact: true }).click();
      await page.getByRole('main').waitFor();
      await hasNoMetric(page, step);
    }
  });

  test('are said in what opens over a view, too: wall, weights, marks of a picture', async ({
    page,
    world,
  }) => {
    await letIn(page, world);
    await decide(page, world, { ...USUAL, units: 'imperial' });
    await squatAtChecks(page, world, 'Sheets Test');
    await button(page, /^Take it: Ankle bend, knee bent, right/).click();
    await button(page, /^To the wall: .*, right/).click();
    const toWall = page.getByRole('textbox', { name: 'Big toe to the wall' });
    await toWall.fill('4');
    await toWall.press('Enter');
    await hasNoMetric(page, 'to the wall');
    await button(page, 'Keep it').click();
    await page.getByRole('navigation').getByRole('button', { name: 'Look', exact: true }).click();
    await button(page, 'Mark a picture').click();
    const buffer = await paintedJpeg(page, 300, 400);
    const file = { name: 'photo.jpg', mimeType: 'image/jpeg', buffer };
    await page.getByLabel('Picture file').setInputFiles(file);
    await button(page, /: a length$/).click();
    await page.getByRole('textbox', { name: 'Its length' }).waitFor();
    await hasNoMetric(page, 'marks of a picture');
    const climber = await makeClient(page, world, 'Climbing Test');
    const work = await visitAtWork(page, world, climber, { daysAgo: 0 });
    await page.goto(`${world.url}/clients/${climber}/visits/${work}`);
    await button(page, 'Add a drill').click();
    await button(page, 'For: anything').click();
    await page.getByLabel('Search by name or feel').fill('front foot high');
    await hasNoMetric(page, 'drills to take in');
    await button(page, /^Take it in: Split squat, front foot high, left/).click();
    await button(page, /^Split squat, front foot high, left: open/).click();
    await button(page, 'Weights there are').click();
    await page.getByRole('group', { name: 'Dumbbells' }).waitFor();
    await hasNoMetric(page, 'weights');
  });

  test('are stepped and typed, and kept in metric', async ({ page, world }) => {
    await letIn(page, world);
    await decide(page, world, { ...USUAL, units: 'imperial' });
    const client = await lookedAt(page, world, 'Inches Test');
    await page.getByRole('navigation').getByRole('button', { name: 'Set-up', exact: true }).click();
    const stance = page.getByRole('textbox', { name: 'Between the heels' });
    await expect(stance).toHaveValue('14.2');
    await button(page, 'Between the heels: more').click();
    await expect(stance).toHaveValue('15.2');
    await stance.fill('2');
    await stance.press('Enter');
    await expect(page.getByRole('alert')).toHaveText(/Between the heels: [\d.]+ to [\d.]+ in/);
    await page.getByRole('main').getByRole('button', { name: 'Look', exact: true }).click();
    await allSent(page);
    const { looks } = await fileOf(page, world, client);
    expect(looks[0].setup.stanceCm).toBeCloseTo(15.2 * 2.54, 1);
  });
});

/** A new client's first squat, with the questions of safety answered. */
async function lookedAt(page: Page, world: World, name: string): Promise<string> {
  const client = await makeClient(page, world, name);
  await page.goto(`${world.url}/clients/${client}`);
  await button(page, 'Start a squat look').click();
  await button(page, 'All no, go on').click();
  await page.getByRole('heading', { name: 'How they stand' }).waitFor();
  return client;
}

test('a norm that an owner sets for everybody is the norm of a client who has none', async ({
  page,
  world,
}) => {
  const openAnkle = async (name: string) => {
    await squatAtChecks(page, world, name);
    await button(page, /^Take it: Ankle bend, knee bent, right/).click();
  };
  await letIn(page, world);
  await openAnkle('Norm Test');
  await button(page, 'Change what is usual: Ankle bend, knee bent').click();
  const mean = page.getByRole('textbox', { name: 'Usual, mean' });
  await mean.fill('33');
  await mean.press('Enter');
  await button(page, 'Save for everybody here').click();
  await expect(page.getByText(/ to .*° \(own norm\)/).first()).toBeVisible();
  await openAnkle('Another Test');
  await expect(page.getByText(/ to .*° \(own norm\)/).first()).toBeVisible();
  await page.goto(`${world.url}/practice`);
  await button(page, 'Back to the table: Ankle bend, knee bent').click();
  await expect(page.getByText(/^As in the table\./)).toBeVisible();
});

test('a client who agreed to an earlier wording is asked for the one that holds now', async ({
  page,
  world,
}) => {
  const text = 'I agree that Saltreach keeps notes of how I move, and pictures if I say so.';
  await letIn(page, world);
  await page.goto(`${world.url}/practice`);
  await button(page, 'Change the wording').click();
  await page.getByLabel('The new wording').fill(text);
  await button(page, 'Ask for this from now on').click();
  await expect(page.getByText(text)).toBeVisible();
  const client = `/clients/${await clientNamed(page, world, 'Maren')}`;
  await page.goto(`${world.url}${client}/edit`);
  await expect(page.getByText(text)).toBeVisible();
  await expect(page.getByText(/They agreed on .* to an earlier wording \(2026-1\)/)).toBeVisible();
  await button(page, 'Agreed today').click();
  await expect(button(page, /^Agreed on /)).toBeVisible();
});

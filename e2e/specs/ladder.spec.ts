import type { Page } from '@playwright/test';
import { allSent, button, expect, fileOf, makeClient, letIn, test, visitAtWork } from '../world';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

const DRILL = 'Split squat, front foot high';

/** Takes the ladder's drill for one side into the session. */
async function takeIn(page: Page, side: string): Promise<void> {
  await button(page, 'Add a drill').tap();
  await button(page, 'For: anything').tap();
  await page.getByLabel('Search by name or feel').fill('front foot high');
  await button(page, `Take it in: ${DRILL}, ${side}`).tap();
  await page.locator(`[data-drill="front-foot-high-split@${side}"]`).waitFor();
}

/** Every set of a drill, by the clock. */
async function doAllSets(page: Page, side: string): Promise<void> {
  await button(page, `Start: ${DRILL}`)
    // The suspect side comes first.
    .nth(side === 'right' ? 0 : -1)
    .tap();
  await button(page, 'Go').tap();
  await page.clock.fastForward(900_000);
  await button(page, 'Done').tap();
  await page.getByRole('heading', { name: 'The work' }).waitFor();
}

test('a ladder is climbed: rung, weights, judged by criteria, and the next rung follows', async ({
  page,
  world,
}) => {
  await page.clock.install();
  await letIn(page, world);
  const client = await makeClient(page, world, 'Climber');
  const visit = await visitAtWork(page, world, client, { daysAgo: 0 });
  await page.goto(`${world.url}/clients/${client}/visits/${visit}`);
  await takeIn(page, 'left');
  await takeIn(page, 'right');

  // Not loaded today, and why; a loaded rung that is chosen all the same is taken back.
  await button(page, `${DRILL}, left: open`).tap();
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByText('Rung 1 of 11')).toBeVisible();
  await expect(page.getByText('Not today')).toBeVisible();
  await expect(page.getByText(/^Control:/)).toBeVisible();
  for (let i = 0; i < 7; i++) await button(page, 'A rung up').tap();
  await expect(page.getByText('Taken back for today.')).toBeVisible();
  await expect(sheet.getByText('Rung 7 of 11: Heel down')).toBeVisible();
  for (let i = 0; i < 6; i++) await button(page, 'A rung down').tap();
  await expect(sheet.getByText('Rung 1 of 11')).toBeVisible();
  await button(page, 'Close').tap();

  await button(page, /^Take these drills/).tap();
  await doAllSets(page, 'right');
  const judged = page.getByRole('group', { name: 'How did that rung go?' });
  await judged.getByRole('button', { name: 'All of it' }).tap();
  await expect(page.getByText('Passed: next time “Foot half as high, hands help”.')).toBeVisible();
  await doAllSets(page, 'left');
  await judged.last().getByRole('button', { name: 'All of it' }).tap();
  await judged.last().getByRole('button', { name: 'Trunk stays tall' }).tap();
  await expect(page.getByText('Stay on it: trunk does not stay tall.')).toBeVisible();
  await allSent(page);

  const { drills } = await fileOf(page, world, client);
  const rungs = drills
    .filter((one: { drill: string }) => one.drill === 'front-foot-high-split')
    .map((one: { side: string; rung: { met: string[] } }) => [one.side, one.rung.met.length]);
  expect(Object.fromEntries(rungs)).toEqual({ left: 3, right: 4 });

  await page.goto(`${world.url}/clients/${client}`);
  await expect(page.getByRole('heading', { name: 'Ladders' })).toBeVisible();
  await expect(
    page.getByRole('img', { name: /left on rung 1 of 11, right on rung 2 of 11/ }),
  ).toBeVisible();

  // The next visit begins where this one ended.
  const next = await visitAtWork(page, world, client, { daysAgo: 0 });
  await page.goto(`${world.url}/clients/${client}/visits/${next}`);
  await takeIn(page, 'right');
  await expect(page.getByText('Rung 2 of 11: Foot half as high, hands help')).toBeVisible();
});

test('the gauge: today against the client’s own normal puts the warm-up in, side by side', async ({
  page,
  world,
}) => {
  await letIn(page, world);
  const client = await makeClient(page, world, 'Gauged');
  const readings = (left: number, right: number) => [
    { check: 'floor-sit-turn', side: 'left', active: left },
    { check: 'floor-sit-turn', side: 'right', active: right },
  ];
  for (const [daysAgo, left, right] of [
    [21, 40, 41],
    [14, 42, 40],
    [7, 41, 39],
  ])
    await visitAtWork(page, world, client, { daysAgo, checks: readings(left, right) });
  const visit = await visitAtWork(page, world, client, { daysAgo: 0 });
  await page.goto(`${world.url}/clients/${client}/visits/${visit}`);
  await button(page, 'Read the gauge first').tap();
  for (const [side, value] of [
    ['left', '40'],
    ['right', '22'],
  ]) {
    await page.getByRole('textbox', { name: `Floor-sit turn, ${side}, active` }).fill(value);
    await page.keyboard.press('Enter');
  }
  await expect(
    page.getByText(/^left: 40° against a normal of 41° .* 1 minute of warm-up/),
  ).toBeVisible();
  await expect(
    page.getByText(/^right: 22° against a normal of 40° .* 4 minutes of warm-up/),
  ).toBeVisible();
  await button(page, 'Put the warm-up into the session').tap();
  const row = (side: string) => page.locator(`[data-drill="seated-leg-turns@${side}"]`);
  await expect(row('left')).toContainText('1 × 10 slow');
  await expect(row('right')).toContainText('3 × 10 slow');
  await page.reload();
  await expect(row('right')).toContainText('3 × 10 slow');
  await allSent(page);
});

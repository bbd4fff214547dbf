import type { Page } from '@playwright/test';
import { allSent, button, expect, fileOf, makeClient, letIn, test, type World } from '../world';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

/** From the client's page to the first look at a pattern, set up as it comes. */
async function startLook(page: Page, world: World, client: string, pattern: string) {
  await page.goto(`${world.url}/clients/${client}`);
  await button(page, `Pattern: ${pattern}`).tap();
  await button(page, `Start a ${pattern.toLowerCase()} look`).tap();
  await button(page, 'All no, go on').tap();
  await page.getByRole('heading', { name: 'How they stand' }).waitFor();
}

const goLook = (page: Page) =>
  page.getByRole('main').getByRole('button', { name: 'Look', exact: true }).tap();

const step = (page: Page, name: string) =>
  page.getByRole('navigation').getByRole('button', { name, exact: true }).tap();

/** Taps a fault in and says how many taps and how long it took. */
async function log(page: Page, taps: readonly string[]) {
  const started = Date.now();
  for (const name of taps) await button(page, name).tap();
  return { taps: taps.length, ms: Date.now() - started };
}

test('a hinge: what is offered is the hinge’s own, and its drill ends the work', async ({
  page,
  world,
}) => {
  await letIn(page, world);
  const client = await makeClient(page, world, 'Hinge Test');
  await startLook(page, world, client, 'Hinge');
  await goLook(page);
  await expect(button(page, 'short of depth, seen')).toHaveCount(0);
  const { taps, ms } = await log(page, ['hips', 'stops early, seen', 'stops early, slight']);
  await expect(button(page, 'stops early, plain')).toBeVisible();
  expect(taps).toBeLessThanOrEqual(3);
  expect(ms).toBeLessThan(5000);
  await step(page, 'Check');
  // What can find it best is open already.
  for (const side of ['left', 'right']) {
    const field = page.getByLabel(`Straight-leg raise, ${side}, passive`, { exact: true });
    await field.fill('50');
    await field.blur();
  }
  await step(page, 'Trace');
  await expect(page.getByText(/hamstrings are short/i).first()).toBeVisible();
  await step(page, 'Work');
  await expect(page.getByText('Hinge along a stick')).toBeVisible();
  await expect(page.getByText(/squat/i)).toHaveCount(0);
  await allSent(page);
  const file = await fileOf(page, world, client);
  expect(file.visits[0].pattern).toBe('hinge');
  expect(file.looks[0].faults).toEqual([
    { fault: 'range-stops-early', phase: 'bottom', grade: 'plain' },
  ]);
});

test('a split: the front foot is chosen, drawn, remembered, and locked for the retest', async ({
  page,
  world,
}) => {
  await letIn(page, world);
  const client = await makeClient(page, world, 'Split Test');
  await startLook(page, world, client, 'Split');
  await button(page, 'Foot in front: right').tap();
  await button(page, 'Step, ankle to ankle: more').tap();
  await goLook(page);
  const { taps } = await log(page, ['right knee', 'thigh off the calf, right']);
  expect(taps).toBeLessThanOrEqual(3);
  await allSent(page);
  const { looks } = await fileOf(page, world, client);
  expect(looks[0].setup).toMatchObject({ front: 'right', stepCm: 63 });
  await startLook(page, world, client, 'Split');
  await expect(page.getByText(/right foot in front, step 63\scm/).first()).toBeVisible();
});

test('a lunge keeps a set-up of its own beside the squat’s', async ({ page, world }) => {
  await letIn(page, world);
  const client = await makeClient(page, world, 'Lunge Test');
  await startLook(page, world, client, 'Squat');
  await button(page, 'Between the heels: more').tap();
  await goLook(page);
  await allSent(page);
  await startLook(page, world, client, 'Lunge');
  await expect(page.getByText(/left foot in front/).first()).toBeVisible();
  await goLook(page);
  await button(page, 'view: behind')
    .or(button(page, /^view: back/))
    .first()
    .tap();
  await button(page, 'left knee').tap();
  await button(page, 'wobbles, left').tap();
  await allSent(page);
  await startLook(page, world, client, 'Squat');
  await expect(page.getByLabel('Between the heels', { exact: true })).toHaveValue('38');
});

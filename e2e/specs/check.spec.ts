import type { Page } from '@playwright/test';
import { squatAtChecks } from '../visits';
import { button, expect, fileOf, letIn, test } from '../world';

test.use({ viewport: { width: 390, height: 844 } });

const allSent = (page: Page) => page.getByText(/kept on this device/).waitFor({ state: 'hidden' });

/** Holds the button until the reading is taken. */
async function holdToTake(page: Page): Promise<void> {
  const box = (await page.getByText('Hold to take').boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await expect(page.getByText(/^Taken: /)).toBeVisible();
  await page.mouse.up();
}

test('an ankle is read twice with the inclinometer, and its error shrinks', async ({
  page,
  world,
}) => {
  await letIn(page, world);
  const client = await squatAtChecks(page, world, 'Check Test');
  await button(page, /^Take it: Ankle bend, knee bent, right/).click();
  await button(page, 'Measure: Ankle bend, knee bent, right, passive').click();
  const limb = page.getByRole('slider', { name: 'Simulated limb' });
  await limb.focus();
  for (let i = 0; i < 28; i++) await page.keyboard.press('ArrowUp');
  await holdToTake(page);
  await page.keyboard.press('Escape');
  await button(page, 'Measure: Ankle bend, knee bent, right, passive').click();
  await page.getByRole('slider', { name: 'Simulated limb' }).focus();
  for (let i = 0; i < 29; i++) await page.keyboard.press('ArrowUp');
  await holdToTake(page);
  await page.keyboard.press('Escape');
  await expect(page.getByText(/^2 readings: .* mean .*standard error 1\.5°/)).toBeVisible();
  await allSent(page);
  const [check] = (await fileOf(page, world, client)).checks;
  expect(check).toMatchObject({
    check: 'ankle-bend-knee-bent',
    side: 'right',
    device: 'simulated',
  });
  expect(check.repeats.passive).toHaveLength(2);
  expect(Math.abs(check.passive - 28.5)).toBeLessThan(1.5);
});

test('an instrument laid on askew is told, and takes nothing', async ({ page, world }) => {
  await letIn(page, world);
  await squatAtChecks(page, world, 'Check Test');
  await button(page, /^Take it: Ankle bend, knee bent, right/).click();
  await button(page, 'Measure: Ankle bend, knee bent, left, passive').click();
  await button(page, 'Lay it on askew').click();
  await expect(page.getByText(/Rolled out of line/)).toBeVisible();
});

test('centimetres at the wall, felt on the figure, cheating and a norm of one’s own', async ({
  page,
  world,
}) => {
  await letIn(page, world);
  const client = await squatAtChecks(page, world, 'Check Test');
  await button(page, /^Take it: Ankle bend, knee bent, right/).click();
  await button(page, 'To the wall: Ankle bend, knee bent, right, passive').click();
  const cm = page.getByRole('textbox', { name: 'Big toe to the wall' });
  await cm.fill('7,5');
  await cm.press('Enter');
  await expect(page.getByText('is a shin at 27°, standard error 2.2°')).toBeVisible();
  await button(page, 'Keep it').click();
  await button(page, 'Felt where: front').click();
  await button(page, 'Ankle bend, knee bent, right: big toe lifts').click();
  await button(page, 'Change what is usual: Ankle bend, knee bent').click();
  const mean = page.getByRole('textbox', { name: 'Usual, mean' });
  await mean.fill('36');
  await mean.press('Enter');
  await button(page, 'Save').click();
  await expect(page.getByText(/own norm/)).toBeVisible();
  await allSent(page);
  const file = await fileOf(page, world, client);
  expect(file.checks[0]).toMatchObject({
    passive: 27,
    device: 'tape',
    felt: 'front',
    cheats: ['toe'],
  });
  expect(file.client.norms['ankle-bend-knee-bent'].usual).toEqual([36, 6]);
});

test('a hip bend with the pelvis held is drawn and weighed as one that rolls, and told as it was read', async ({
  page,
  world,
}) => {
  await letIn(page, world);
  const client = await squatAtChecks(page, world, 'Check Test');
  await button(page, /^Take it: Ankle bend, knee bent, right/).click();
  const hip = page.getByRole('group', { name: 'Hip bend, right', exact: true });
  if (!(await hip.isVisible())) await button(page, /^Hip bend/).click();
  const degrees = hip.getByRole('textbox', { name: /passive/ });
  await degrees.fill('88');
  await degrees.press('Enter');
  await expect(page.getByText(/Pelvis held on/)).toBeHidden();
  await button(page, 'Pelvis: Hip bend, right: held').click();
  await expect(
    page.getByText(
      'Pelvis held on the right: drawn with the 15° that the low back gives otherwise.',
    ),
  ).toBeVisible();
  await allSent(page);
  const { checks } = await fileOf(page, world, client);
  expect(checks.find(({ check }: { check: string }) => check === 'hip-bend')).toMatchObject({
    passive: 88,
    held: true,
  });
  await button(page, 'Trace').last().click();
  await expect(page.getByText(/hip bend 88°, pelvis held/).first()).toBeVisible();
});

test('pain in a check stops the work until the questions are asked again', async ({
  page,
  world,
}) => {
  await letIn(page, world);
  await squatAtChecks(page, world, 'Check Test');
  await button(page, /^Take it: Ankle bend, knee bent, right/).click();
  await button(page, 'Pain during it: Ankle bend, knee bent, right: 6').click();
  await expect(page.getByText(/asked again before any work/)).toBeVisible();
  await button(page, 'Trace').last().click();
  await button(page, 'To the work').click();
  await expect(page.getByRole('heading', { name: 'Pain was reported' })).toBeVisible();
});

import type { Page } from '@playwright/test';
import { expect, signIn, test } from '../world';

test.use({ viewport: { width: 1280, height: 800 } });

/** What has the focus, as a screen reader would call it. */
const focused = (page: Page) =>
  page.evaluate(() => {
    const at = document.activeElement;
    return (at?.getAttribute('aria-label') ?? at?.textContent ?? '').trim();
  });

/** Tabs until something with this name has the focus. */
async function tabTo(page: Page, name: string | RegExp): Promise<void> {
  const fits = (text: string) => (typeof name === 'string' ? text === name : name.test(text));
  for (let i = 0; i < 220; i++) {
    if (fits(await focused(page))) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(
    `nothing called ${name} can be reached with Tab; the focus is on "${await focused(page)}"`,
  );
}

const press = async (page: Page, name: string | RegExp) => {
  await tabTo(page, name);
  await page.keyboard.press('Enter');
};

const type = async (page: Page, name: string, value: string) => {
  await tabTo(page, name);
  await page.keyboard.type(value);
  await page.keyboard.press('Enter');
};

test('the whole loop at the desk, with the keyboard only', async ({ page, world }) => {
  await signIn(page, world);
  await press(page, /^New client/);
  await page.getByLabel('Name').waitFor();
  await tabTo(page, 'Back');
  await page.keyboard.press('Tab');
  for (const value of ['Oona Strand', 'ferry pilot', '172', '68']) {
    await page.keyboard.type(value);
    await page.keyboard.press('Tab');
  }
  // Centimetres for metres: said at the field, nothing lost.
  await expect(page.getByText(/Height is in metres.*did you type centimetres/)).toBeVisible();
  await page.keyboard.press('Shift+Tab');
  await page.keyboard.press('Shift+Tab');
  await page.keyboard.press('Control+A');
  await page.keyboard.type('1.72');
  await press(page, 'Agreed today');
  await press(page, 'Save');

  await press(page, 'Start a squat look');
  await page.getByRole('heading', { name: 'Before anything else' }).waitFor();
  await press(page, 'All no, go on');
  await page.getByRole('heading', { name: 'How they stand' }).waitFor();
  await tabTo(page, 'Tempo: their own');
  await press(page, 'Look');
  await press(page, 'hips');
  await press(page, 'slide, left');
  await press(page, 'slide, left, slight');
  await press(page, 'Hips slide to the left: add a number');
  await type(page, 'number', '34');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('button', { name: /Hips slide to the left: 34 mm/ })).toBeVisible();
  await press(page, /^Done looking/);
  await press(page, 'Heels up: tap to try');
  await press(page, /^Heels up · .*: better/);
  await press(page, 'To the checks');
  await type(page, 'Ankle bend, knee bent, left, passive', '41');
  await type(page, 'Ankle bend, knee bent, right, passive', '300');
  await expect(page.getByRole('alert')).toContainText('-20 to 70');
  await type(page, 'Ankle bend, knee bent, right, passive', '26');
  await press(page, 'Felt where, right: front');
  await tabTo(page, /Side-hip hold/);
  await press(page, 'Trace');
  await expect(page.getByRole('heading', { name: 'Right ankle will not bend' })).toBeVisible();
  await press(page, 'To the work');
  await press(page, /^Take these drills/);
  await press(page, 'Start: Ankle glide against a band');
  await press(page, 'Go');
  await expect(page.getByRole('timer')).toBeVisible();
  await press(page, 'Skip drill');
  await press(page, 'Look again');
  await press(page, 'Hips slide to the left, now: slight');
  await type(page, 'Hips slide to the left, now', '6');
  await type(page, 'Ankle bend, knee bent, right, passive', '34');
  await press(page, /^The verdict/);
  await expect(page.getByRole('group', { name: 'Hips slide to the left: Better' })).toContainText(
    '34 mm → 6 mm',
  );
  await press(page, 'Board');
  for (const column of ['Look', 'Trace', 'Work', 'Look again'])
    await expect(page.getByRole('heading', { name: column, exact: true })).toBeVisible();
  await press(page, /^Hips slide to the left/);
  await expect(page.getByRole('button', { name: /^Right ankle will not bend/ })).toHaveCSS(
    'opacity',
    '1',
  );
});

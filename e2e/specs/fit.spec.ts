import type { Page } from '@playwright/test';
import { button, clientNamed, expect, fileOf, makeClient, letIn, test, type World } from '../world';

const slider = (page: Page, name: string) => page.getByRole('slider', { name, exact: true });

/** Sets a slider as a hand would: focus, then a value by the keyboard's own event. */
async function pull(page: Page, name: string, value: number) {
  await slider(page, name).fill(String(value));
}

async function openBench(page: Page, world: World): Promise<string> {
  await letIn(page, world);
  const client = await makeClient(page, world, 'Bench Test');
  await page.goto(`${world.url}/clients/${client}`);
  await button(page, 'Fit bench').click();
  await page.getByRole('heading', { name: /^Thighs/ }).waitFor();
  return client;
}

const headline = (page: Page) => page.getByRole('heading', { name: /^Thighs/ });

test.use({ viewport: { width: 390, height: 844 } });

test('a stiff ankle stops the squat, is named, and its usual range has a price', async ({
  page,
  world,
}) => {
  await openBench(page, world);
  await expect(headline(page)).toHaveText(/^Thighs reach \d+° below level ±\s\d+°$/);
  await pull(page, 'left ankle bend', 28);
  await pull(page, 'right ankle bend', 24);
  await expect(headline(page)).toHaveText(/^Thighs stop \d+° above level ±\s\d+°$/);
  await expect(page.getByText(/^Stopped by: .*ankle/)).toBeVisible();
  await expect(page.getByText('right ankle bend +16°')).toBeVisible();
  const bar = page.getByRole('group', { name: /right ankle .* cm/ });
  await expect(bar).toBeVisible();
  const words = (await bar.getAttribute('aria-label')) ?? '';
  const parts = [...words.matchAll(/(-?[\d.]+)(?: ± [\d.]+)? cm/g)].map((found) =>
    Number(found[1]),
  );
  const total = Number(/([\d.]+)(?: ± [\d.]+)? cm$/.exec(await bar.innerText())?.[1]);
  const sum = parts.reduce((a, b) => a + b, 0);
  expect(parts.length).toBeGreaterThanOrEqual(2);
  expect(Math.abs(sum - total)).toBeLessThan(0.06 * parts.length);
});

test('feet and knees are told, and the client is seen from above', async ({ page, world }) => {
  await openBench(page, world);
  await expect(page.getByText(/^Stopped by/)).toBeVisible();
  const feet = page.getByRole('img', { name: /^The feet from above: Weight/ });
  await expect(feet).toBeInViewport();
  await expect(page.getByText(/^(Knees over|Left knee)/)).toBeVisible();
  await pull(page, 'left ankle bend', 20);
  await expect(feet).toHaveAccessibleName(/% on the right\.$/);
  await button(page, 'Seen from: above').click();
  await expect(feet).toBeHidden();
  await expect(page.getByRole('img', { name: /^Thighs .* trunk/ })).toBeInViewport();
  await pull(page, 'Low back may bend to', 30);
  await expect(
    page.getByText(/^The low back rounds from \d+° above level on\. With a flat/),
  ).toBeVisible();
});

test('a fitted stance is taken over, saved, and begins the next look', async ({ page, world }) => {
  const client = await openBench(page, world);
  await pull(page, 'left ankle bend', 26);
  await pull(page, 'right ankle bend', 26);
  await expect(headline(page)).toHaveText(/^Thighs stop/);
  await button(page, 'Aim: reach the depth').click();
  await button(page, 'Try this stance').click();
  await expect(headline(page)).not.toHaveText(/stop 1\d|stop 2\d/);
  const stance = await slider(page, 'Between the heels').inputValue();
  await button(page, 'Save this stance for looks and drills').click();
  await expect(page.getByText(/^Saved: looks of Bench Test/)).toBeVisible();
  await page.getByText(/kept on this device/).waitFor({ state: 'hidden' });
  await page.goto(`${world.url}/clients/${client}`);
  await button(page, 'Start a squat look').click();
  await button(page, 'All no, go on').click();
  await expect(page.getByLabel('Between the heels', { exact: true })).toHaveValue(stance);
});

test('a lunge is fitted by its step, and the step is kept with the set-up', async ({
  page,
  world,
}) => {
  const client = await openBench(page, world);
  await button(page, 'Pattern: Lunge').click();
  await page.getByRole('heading', { name: /^Front thigh/ }).waitFor();
  const before = await slider(page, 'Step, ankle to ankle').inputValue();
  await button(page, 'Aim: spare the knees').click();
  await expect(page.getByText(/foot in front, step \d+\scm .* becomes \d+ Nm/)).toBeVisible();
  // What is offered, or that the stance which was taken is the best already.
  const offer = page.getByText(/ becomes \d+ Nm|^The present stance is the best/);
  await button(page, 'Try this stance').click();
  const { y } = (await offer.boundingBox())!;
  await expect(slider(page, 'Step, ankle to ankle')).not.toHaveValue(before);
  // What is worked out for the stance that was taken moves nothing under the finger.
  await expect(page.getByText(/^Stances tried: \d+$/)).toBeVisible();
  expect(Math.abs((await offer.boundingBox())!.y - y)).toBeLessThan(2);
  await button(page, 'Save this stance for looks and drills').click();
  await page.getByText(/kept on this device/).waitFor({ state: 'hidden' });
  const { setups } = (await fileOf(page, world, client)).client;
  expect(String(setups.lunge.stepCm)).toBe(await slider(page, 'Step, ankle to ankle').inputValue());
});

test('an impossible stance is said, and the last posture stays', async ({ page, world }) => {
  await openBench(page, world);
  await button(page, 'Pattern: Hinge').click();
  await button(page, 'Load: held ahead').click();
  await pull(page, 'Load', 120);
  await expect(page.getByRole('alert')).toHaveText(/120 kg held there is more than this body/);
  await expect(button(page, 'Save this stance for looks and drills')).toHaveAttribute(
    'aria-disabled',
    'true',
  );
});

test('the trace shows what range does not explain, and leads to the bench', async ({
  page,
  world,
}) => {
  await letIn(page, world);
  const client = await clientNamed(page, world, 'Maren');
  const file = await (await page.request.get(`${world.url}/api/v1/clients/${client}/file`)).json();
  await page.goto(`${world.url}/clients/${client}/visits/${file.visits[0].id}`);
  await page.getByRole('navigation').getByRole('button', { name: 'Trace', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Where the depth goes' })).toBeVisible();
  await button(page, 'Fit bench').click();
  await expect(headline(page)).toBeVisible();
});

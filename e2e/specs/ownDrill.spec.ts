import type { Page } from '@playwright/test';
import {
  allSent,
  button,
  expect,
  fileOf,
  makeClient,
  letIn,
  signIn,
  test,
  visitAtWork,
} from '../world';

test.use({ viewport: { width: 390, height: 844 } });

const NAME = 'Slipway ankle rocks';

async function fillIn(page: Page): Promise<void> {
  for (const [label, text] of [
    ['How it is done', 'Knee forward over the toes and back, slowly.'],
    ['Feel it here', 'Front of the ankle opening'],
    ['Easier', 'Foot nearer'],
    ['Harder', 'Foot farther'],
  ])
    await page.getByLabel(label, { exact: true }).fill(text);
  await page
    .getByRole('group', { name: 'What it is for' })
    .getByRole('button', { name: /^Ankle will not bend/ })
    .click();
}

/** Pulls a ring by so many pixels. */
async function pull(page: Page, from: [number, number], to: [number, number]): Promise<void> {
  await page.mouse.move(...from);
  await page.mouse.down();
  await page.mouse.move(...to, { steps: 6 });
  await page.mouse.up();
}

test('a drill is made with the server dead, its pose set on the figure, done, changed and deleted', async ({
  page,
  world,
}) => {
  await signIn(page, world);
  await button(page, 'Drills').click();
  await expect(page.getByText(/^\d+ drills$/)).toBeVisible();
  await button(page, 'New drill').click();
  await button(page, 'Keep this drill').click();
  await expect(page.getByText('name is not allowed to be empty').first()).toBeVisible();

  await page.getByLabel('Name', { exact: true }).fill(NAME);
  await fillIn(page);
  const figure = page.getByRole('group', { name: 'The figure' }).first();
  await figure.scrollIntoViewIfNeeded();
  const box = (await figure.boundingBox())!;
  const metre = box.width / (1.32 * 1.72);
  const [middle, floor] = [box.x + box.width / 2, box.y + box.height - (60 * box.height) / 2296];
  await pull(page, [middle, floor - 0.47 * metre], [middle + 0.45 * metre, floor - 0.87 * metre]);
  await expect
    .poll(async () => Number(await page.getByRole('slider', { name: 'Hip bends' }).inputValue()))
    .toBeGreaterThan(60);

  // Seen from the front a ring turns its bone to the side, and nothing else.
  const slider = page.getByRole('slider', { name: 'Thigh opens out' });
  const before = Number(await slider.inputValue());
  await button(page, 'Seen from: the front').click();
  await button(page, 'Set upper arm, left').click();
  await pull(
    page,
    [middle + 0.17 * metre, floor - 1.12 * metre],
    [middle + 0.6 * metre, floor - 1.4 * metre],
  );
  await expect
    .poll(async () =>
      Number(await page.getByRole('slider', { name: 'Arm out to the side' }).inputValue()),
    )
    .toBeGreaterThan(60);
  await button(page, 'Set thigh, left').click();
  await expect(slider).toHaveValue(String(before));

  await world.kill();
  await button(page, 'Keep this drill').click();
  await expect(page.getByText('1 change kept on this device')).toBeVisible();
  await page.getByLabel('Search by name or feel').fill('slipway');
  await expect(page.getByRole('heading', { name: NAME })).toBeVisible();
  await world.start();
  await allSent(page);
  const kept = await (await page.request.get(`${world.url}/api/v1/practice/file`)).json();
  const made = kept.ownDrills.find((one: { name: string }) => one.name === NAME);
  expect(made.poses[0].legs.left.hip).toBeGreaterThan(60);
  expect(made.targets).toEqual([{ cause: 'ankle-joint', effect: 'small' }]);

  // Beside the ones that ship, in a session.
  const client = await makeClient(page, world, 'Slip');
  const visit = await visitAtWork(page, world, client, { daysAgo: 0 });
  const work = `${world.url}/clients/${client}/visits/${visit}`;
  await page.goto(work);
  await button(page, 'Add a drill').click();
  await button(page, 'For: anything').click();
  await page.getByLabel('Search by name or feel').fill('slipway');
  await button(page, `Take it in: ${NAME}, right`).click();
  await button(page, /^Take these drills/).click();
  await button(page, `Start: ${NAME}`).click();
  await expect(page.getByText('Front of the ankle opening')).toBeVisible();
  await button(page, 'Go').click();
  await button(page, 'Done').or(button(page, 'Next set')).first().click();
  await allSent(page);

  // Deleted: out of the library, and still in the session that did it.
  await page.goto(`${world.url}/library/${made.id}`);
  await button(page, 'Delete it').click();
  await button(page, /^Yes, delete it/).click();
  await page.getByLabel('Search by name or feel').fill('slipway');
  await expect(page.getByText('No drill fits all of this.')).toBeVisible();
  await page.goto(work);
  await expect(page.getByText(NAME).first()).toBeVisible();
  const { drills } = await fileOf(page, world, client);
  expect(drills.some((one: { own: { name: string } | null }) => one.own?.name === NAME)).toBe(true);
  await page.goto(`${world.url}/library/${made.id}`);
  await expect(page.getByText('There is nothing at this address.')).toBeVisible();
});

test('a drill that a session holds on to and that was deleted since is named, and the rest is chosen', async ({
  page,
  world,
}) => {
  await letIn(page, world);
  await page.goto(`${world.url}/library/new`);
  await page.getByLabel('Name', { exact: true }).fill('Short-lived');
  await fillIn(page);
  await button(page, 'Keep this drill').click();
  await allSent(page);
  const client = await makeClient(page, world, 'Holder');
  const visit = await visitAtWork(page, world, client, { daysAgo: 0 });
  const work = `${world.url}/clients/${client}/visits/${visit}`;
  await page.goto(work);
  await button(page, 'Add a drill').click();
  await button(page, 'For: anything').click();
  await page.getByLabel('Search by name or feel').fill('short-lived');
  await button(page, 'Take it in: Short-lived, left').click();
  await allSent(page);
  await page.goto(`${world.url}/library`);
  await page.getByLabel('Search by name or feel').fill('short-lived');
  await button(page, 'Change: Short-lived').click();
  await button(page, 'Delete it').click();
  await button(page, /^Yes, delete it/).click();
  await page.goto(work);
  await expect(page.getByText('A drill of your own: it is no longer in the library')).toBeVisible();
  expect(await page.locator('[data-drill]').count()).toBeGreaterThan(0);
});

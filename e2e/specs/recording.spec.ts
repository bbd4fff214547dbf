import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { button, clientNamed, expect, fileOf, makeClient, letIn, test, type World } from '../world';

test.use({ viewport: { width: 390, height: 844 } });

/** A squat look of a client of the test's own, with its recording screen open. */
async function openRecording(page: Page, world: World): Promise<string> {
  await letIn(page, world);
  const client = await makeClient(page, world, 'Recording Test');
  await page.goto(`${world.url}/clients/${client}`);
  await button(page, 'Start a squat look').click();
  await button(page, 'All no, go on').click();
  await page.getByRole('main').getByRole('button', { name: 'Look', exact: true }).click();
  await button(page, 'Measure a recording').click();
  await button(page, 'Film five repetitions').waitFor();
  return client;
}

const film = (page: Page) => button(page, 'Film five repetitions').click();
const measured = (page: Page) =>
  expect(page.getByRole('heading', { name: /^5 repetitions, seen from/ })).toBeVisible();

test('a look is filmed and measured with the server gone, and an accepted proposal is kept', async ({
  page,
  context,
  world,
}) => {
  const client = await openRecording(page, world);
  await context.setOffline(true);
  await button(page, 'Plays besides: Trunk folds forward').click();
  await film(page);
  await measured(page);
  await button(page, 'Trunk folds forward: I see it too').click();
  // What was written on the way here may not have gone out either.
  await expect(page.getByText(/changes? kept on this device/)).toBeVisible();
  await context.setOffline(false);
  await page.getByText(/kept on this device/).waitFor({ state: 'hidden' });
  const [look] = (await fileOf(page, world, client)).looks;
  expect(look.faults).toEqual([
    expect.objectContaining({ fault: 'trunk-folds', phase: 'bottom', unit: 'deg' }),
  ]);
  await button(page, 'Trunk folds forward: Not so').click();
  await page.getByText(/kept on this device/).waitFor({ state: 'hidden' });
  expect((await fileOf(page, world, client)).looks[0].faults).toEqual([]);
});

test('the measures of a recording are kept with the look, and its points open again here', async ({
  page,
  context,
  world,
}) => {
  const client = await openRecording(page, world);
  await context.setOffline(true);
  await film(page);
  await measured(page);
  await button(page, 'Keep these measures with the look').click();
  await expect(page.getByRole('button', { name: 'Kept with the look' })).toBeVisible();
  await context.setOffline(false);
  await page.getByText(/kept on this device/).waitFor({ state: 'hidden' });
  const [look] = (await fileOf(page, world, client)).looks;
  expect(look.recordings).toEqual([expect.objectContaining({ view: 'right', repetitions: 5 })]);
  expect(look.recordings[0].measures.length).toBeGreaterThan(4);
  await page.reload();
  await page.getByRole('group', { name: 'Kept with this look' }).getByRole('button').click();
  await measured(page);
  await expect(page.getByRole('button', { name: 'Kept with the look' })).toBeVisible();
});

test('what was filmed is saved, opened again as a file, and exported as a table', async ({
  page,
  world,
}) => {
  await openRecording(page, world);
  await film(page);
  await measured(page);
  const saved = async (name: string) => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      button(page, name).click(),
    ]);
    return readFileSync(await download.path(), 'utf8');
  };
  const recording = await saved('Save the recording (JSON)');
  const lines = (await saved('Save the measures (CSV)')).trim().split('\r\n');
  expect(lines[0]).toBe('measure,side,unit,repetition,value');
  expect(lines.length).toBeGreaterThan(5 * 8);
  await button(page, 'Another recording').click();
  const file = { name: 'again.json', mimeType: 'application/json', buffer: Buffer.from(recording) };
  await page.locator('input[type=file]').setInputFiles(file);
  await measured(page);
  await page.getByRole('slider', { name: 'Moment' }).fill('100');
  await expect(page.getByRole('img', { name: 'The recorded body at 10.0 s' })).toBeVisible();
});

test('columns are mapped on the screen; a bad file is told and loses nothing', async ({
  page,
  world,
}) => {
  await openRecording(page, world);
  const choose = (name: string, text: string) =>
    page
      .locator('input[type=file]')
      .setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
  await choose('notes.csv', 'hips slide to the left');
  await expect(page.getByRole('alert')).toContainText('notes.csv cannot be measured');
  await expect(page.getByRole('alert')).toContainText('neither keypoint JSON nor a table');
  await choose('half.json', '{"frames":[{"t":0');
  await expect(page.getByRole('alert')).toContainText('ends in the middle');
  const joints = [
    'left_shoulder',
    'right_shoulder',
    'left_hip',
    'right_hip',
    'left_ankle',
    'right_ankle',
  ];
  const lines = Array.from({ length: 90 }, (_, i) =>
    joints.map(
      (joint, j) =>
        `${String(i / 30).replace('.', ',')};${joint};${100 + 60 * (j % 2)};${100 + 120 * (j >> 1)}`,
    ),
  ).flat();
  await choose('strange.csv', ['s;punto;px;py', ...lines].join('\n'));
  await button(page, 'Time in seconds: s').click();
  await button(page, 'Name of the joint: punto').click();
  await button(page, 'Place, to the right: px').click();
  await button(page, 'Place, downward: py').click();
  await button(page, 'Read it').click();
  await expect(page.getByRole('heading', { name: /^0 repetitions, seen from/ })).toBeVisible();
});

test('the screen is reached from the look of a demo client', async ({ page, world }) => {
  await letIn(page, world);
  const client = await clientNamed(page, world, 'Maren');
  const { visits } = await fileOf(page, world, client);
  await page.goto(`${world.url}/clients/${client}/visits/${visits[0].id}/recording`);
  await film(page);
  await measured(page);
});

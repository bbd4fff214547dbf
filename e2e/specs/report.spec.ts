import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { button, clientNamed, expect, fileOf, letIn, test, type World } from '../world';

/** The report of Maren's first finished visit. */
async function openReport(page: Page, world: World): Promise<string> {
  await letIn(page, world);
  const client = await clientNamed(page, world, 'Maren');
  const { visits } = await fileOf(page, world, client);
  await page.goto(`${world.url}/clients/${client}/visits/${visits[0].id}/report`);
  await page.getByRole('table', { name: 'What was seen' }).waitFor();
  return client;
}

async function saved(page: Page, name: string): Promise<string> {
  const [download] = await Promise.all([page.waitForEvent('download'), button(page, name).click()]);
  return readFileSync((await download.path())!, 'utf8');
}

test('one page for a client or a clinician: on the screen, on paper, and in open formats', async ({
  page,
  world,
}) => {
  const client = await openReport(page, world);
  await expect(page.getByRole('heading', { name: 'Consistent with' })).toBeVisible();
  await expect(page.getByText(/makes no diagnosis/)).toBeVisible();
  await expect(page.getByRole('cell', { name: /^Better \(/ }).first()).toBeVisible();

  const bundle = JSON.parse(await saved(page, 'FHIR bundle'));
  expect(bundle).toMatchObject({ resourceType: 'Bundle', type: 'collection' });
  const types = bundle.entry.map(
    (one: { resource: { resourceType: string } }) => one.resource.resourceType,
  );
  expect(new Set(types)).toEqual(new Set(['Patient', 'Observation', 'CarePlan']));

  const csv = await saved(page, 'All measures (CSV)');
  const file = await fileOf(page, world, client);
  const kept = file.checks.filter((one: { removed: boolean }) => !one.removed).length;
  const faults = file.looks.flatMap((look: { faults: unknown[] }) => look.faults).length;
  expect(csv.trim().split('\r\n')).toHaveLength(1 + kept + faults);

  // A PDF that the app makes by itself, one page of it.
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    button(page, 'PDF').click(),
  ]);
  const made = readFileSync((await download.path())!, 'latin1');
  expect(download.suggestedFilename()).toMatch(/^session-squat-.*\.pdf$/);
  expect(made.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);

  // On paper: the page alone, without the buttons, and one sheet of it.
  await page.emulateMedia({ media: 'print' });
  await expect(button(page, 'FHIR bundle')).toBeHidden();
  await expect(page.getByRole('table', { name: 'What was measured' })).toBeVisible();
  const pdf = (await page.pdf({ format: 'A4', preferCSSPageSize: true })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
});

test('the verdict and the client lead to the report', async ({ page, world }) => {
  await letIn(page, world);
  await page.goto(`${world.url}/clients/${await clientNamed(page, world, 'Maren')}`);
  await button(page, 'Report').click();
  await expect(page.getByRole('heading', { name: 'What was done' })).toBeVisible();
});

import { randomUUID } from 'node:crypto';
import { USUAL_SETUP } from '@taxikine/core';
import { button, expect, makeClient, putRecord, letIn, signIn, test } from '../world';

test.use({ viewport: { width: 390, height: 844 } });

test('a positive answer stops the work until somebody who may has cleared it', async ({
  page,
  world,
}) => {
  await letIn(page, world);
  const client = await makeClient(page, world, 'Nils Aas');
  await page.goto(`${world.url}/clients/${client}`);
  await button(page, 'Start a squat look').click();
  await button(page, 'Pain at night or at rest that does not ease? yes').click();
  await button(page, '1 yes: record it').click();
  await page.getByRole('dialog').getByRole('button', { name: '1 yes: record it' }).click();
  await expect(page.getByRole('heading', { name: 'Stop and refer' })).toBeVisible();

  await button(page, 'Work').click();
  await expect(page.getByRole('heading', { name: 'The work is held back' })).toBeVisible();
  await button(page, 'Ask').last().click();

  await button(page, 'Record a clearance').click();
  await button(page, 'Record clearance').click();
  await expect(page.getByRole('alert').filter({ hasText: 'Needed' })).toHaveCount(2);
  await page.getByLabel('Who cleared it (name and role)').fill('Dr. Oona Feld, physician');
  await page.getByLabel('For what').fill('bodyweight squats');
  await button(page, 'Record clearance').click();
  await expect(page.getByText('Asked today. What was yes has been cleared.')).toBeVisible();
  await button(page, 'Work').click();
  await expect(page.getByRole('heading', { name: 'The work', exact: true })).toBeVisible();

  // What the clinician left out bars what does it, until there is a newer word.
  await button(page, 'Ask').last().click();
  await button(page, /^A newer word: Cleared by Dr\. Oona Feld/).click();
  await page.getByLabel('Who cleared it (name and role)').fill('Dr. Arvo Lind, surgeon');
  await page.getByLabel('For what').fill('squats to a chair');
  await button(page, 'What not yet, if anything: the end of the range').click();
  await button(page, 'Where: knee').click();
  await button(page, 'Side: right').click();
  await button(page, 'Record clearance').click();
  const kept = page.getByRole('note', { name: 'Keep in mind' });
  await button(page, 'Check').click();
  await expect(kept).toContainText('Not yet for the right knee: end of the range.');
  await page.getByRole('button', { name: 'Knee bend', exact: true }).click();
  const on = (side: string) => page.getByRole('group', { name: `Knee bend, ${side}`, exact: true });
  await expect(on('right')).toContainText(
    'Dr. Arvo Lind, surgeon has not allowed the end of the range for the right knee yet',
  );
  await expect(on('left')).not.toContainText('Leave');
});

test('an emergency says so and cannot be cleared in the same visit', async ({ page, world }) => {
  await letIn(page, world);
  const client = await makeClient(page, world, 'Una Brack');
  await page.goto(`${world.url}/clients/${client}`);
  await button(page, 'Start a squat look').click();
  await button(page, 'A hot, swollen calf, or suddenly short of breath? yes').click();
  await button(page, '1 yes: record it').click();
  await page.getByRole('dialog').getByRole('button', { name: '1 yes: record it' }).click();
  await expect(page.getByRole('heading', { name: 'Emergency: act now' })).toBeVisible();
  await expect(page.getByRole('alert')).toContainText('This can be a clot');
  await expect(button(page, 'Record a clearance')).toHaveCount(0);
});

test('a knee that hurts goes along through every step, and cuts the pattern short', async ({
  page,
  world,
}) => {
  await signIn(page, world);
  const clientId = await makeClient(page, world, 'Ruta Vik');
  const [visitId, now] = [randomUUID(), new Date().toISOString()];
  const pain = { region: 'knee', side: 'right', phase: 'bottom', score: 7, kind: 'sharp', on: now };
  const visit = { clientId, pattern: 'squat', openedOn: now, closedOn: null, step: 'probe' };
  const asks = [{ on: now, positives: [] }];
  await putRecord(page, world, 'visits', {
    ...{ id: visitId, ...visit, asks, minutes: 15, next: 'rest' },
  } as { id: string });
  await putRecord(page, world, 'looks', {
    ...{ id: randomUUID(), clientId, visitId, role: 'first', setup: USUAL_SETUP },
    faults: [{ fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain' }],
    ...{ clear: [], pain: [pain], rating: 'medium', reps: [], notes: [], hold: null },
    ...{ recordings: [], startedOn: now },
  } as { id: string });
  await page.goto(`${world.url}/clients/${clientId}/visits/${visitId}`);
  const kept = page.getByRole('note', { name: 'Keep in mind' });
  await expect(kept).toContainText('Pain at the right knee: stop what brings it on');
  await expect(page.getByRole('group', { name: 'Try this first' })).toContainText('Shorter');

  await button(page, 'Check').click();
  await expect(kept).toBeVisible();
  await page.getByRole('button', { name: 'Knee bend', exact: true }).click();
  const on = (side: string) => page.getByRole('group', { name: `Knee bend, ${side}`, exact: true });
  await expect(on('right')).toContainText('Leave it out (it loads the right knee, which hurts)');
  await expect(on('left')).not.toContainText('Leave');

  await button(page, 'Trace').first().click();
  await expect(kept).toBeVisible();
  await button(page, 'Work').click();
  await expect(kept).toBeVisible();
  await expect(
    page.getByText(/^Thighs no lower than \d+° above level: there the right/),
  ).toBeVisible();
});

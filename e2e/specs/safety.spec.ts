import { button, expect, makeClient, signIn, test } from '../world';

test.use({ viewport: { width: 390, height: 844 } });

test('a positive answer stops the work until somebody who may has cleared it', async ({
  page,
  world,
}) => {
  await signIn(page, world);
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
});

test('an emergency says so and cannot be cleared in the same visit', async ({ page, world }) => {
  await signIn(page, world);
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

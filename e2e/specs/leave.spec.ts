import { readFileSync } from 'node:fs';
import { button, expect, makeClient, letIn, test } from '../world';

test.use({ viewport: { width: 390, height: 844 } });

test('a client leaves with everything, is erased, and an archive does not bring them back', async ({
  page,
  world,
}) => {
  await letIn(page, world);
  const name = 'Wilhelmina Strand';
  const id = await makeClient(page, world, name);
  await page.goto(`${world.url}/practice`);
  const whole = page.waitForEvent('download');
  await button(page, 'Export the practice').click();
  const archive = await (await whole).path();
  expect(readFileSync(archive).subarray(0, 2).toString()).toBe('PK');

  await page.goto(`${world.url}/clients/${id}`);
  const one = page.waitForEvent('download');
  await button(page, 'Everything in one file (zip)').click();
  expect((await one).suggestedFilename()).toBe('client.zip');
  await button(page, 'Erase this client').click();
  await page.getByLabel('Type the whole name').fill('Wilhelmina');
  await expect(button(page, 'Erase for good')).toHaveAttribute('aria-disabled', 'true');
  await page.getByLabel('Type the whole name').fill(name);
  await button(page, 'Erase for good').click();
  await page.getByRole('heading', { name: 'Loose ends' }).waitFor();
  await page.getByLabel('Find by name or work').fill('Wilhelmina');
  await expect(page.getByText('Nobody of that name.')).toBeVisible();
  await page.goto(`${world.url}/clients/${id}`);
  await expect(page.getByText('There is nothing at this address.')).toBeVisible();

  await page.goto(`${world.url}/practice`);
  await expect(page.getByText(`client ${id.slice(0, 8)}…`)).toBeVisible();
  await page.getByLabel('Archive of a practice').setInputFiles(archive);
  await expect(
    page.getByText(/^0 clients put back, \d+ were here already, 1 had been erased/),
  ).toBeVisible();
  await page.getByLabel('Archive of a practice').setInputFiles({
    name: 'other.zip',
    mimeType: 'application/zip',
    buffer: Buffer.from('no archive'),
  });
  await expect(page.getByText('refused as a whole, and nothing was written')).toBeVisible();
  await expect(page.getByText(/^This is no archive of a practice/)).toBeVisible();
});

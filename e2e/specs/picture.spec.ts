import type { Page } from '@playwright/test';
import { paintedJpeg, withExif } from '../pictureFiles';
import { button, expect, fileOf, makeClient, letIn, signIn, test, type World } from '../world';

test.use({ viewport: { width: 390, height: 844 } });

async function openPictures(page: Page, world: World): Promise<string> {
  await letIn(page, world);
  const client = await makeClient(page, world, 'Picture Test');
  await page.goto(`${world.url}/clients/${client}`);
  await button(page, 'Start a squat look').click();
  await button(page, 'All no, go on').click();
  await page.getByRole('main').getByRole('button', { name: 'Look', exact: true }).click();
  await button(page, 'Mark a picture').click();
  await button(page, 'Choose a picture').waitFor();
  return client;
}

const choose = (page: Page, buffer: Buffer, name = 'photo.jpg') =>
  page.getByLabel('Picture file').setInputFiles({ name, mimeType: 'image/jpeg', buffer });

const marked = (page: Page) => page.getByRole('group', { name: 'Marks on the picture' });
const allSent = (page: Page) => page.getByText(/kept on this device/).waitFor({ state: 'hidden' });

test('a photo is marked with the server gone, and kept without what its file says besides', async ({
  page,
  context,
  browser,
  world,
}) => {
  const client = await openPictures(page, world);
  await context.setOffline(true);
  // Stored lying on its side: a phone that was held upright.
  const photo = withExif(await paintedJpeg(page, 400, 300), 6);
  await choose(page, photo);
  await marked(page).waitFor();
  const shin = page.getByRole('group', { name: 'What the marks measure' });
  await expect(page.getByText('6 rings still to set: nothing is measured before')).toBeVisible();
  await expect(shin).not.toContainText('Shin lean');
  for (const joint of ['shoulder', 'hip', 'ankle', 'heel', 'toe', 'knee'])
    await marked(page)
      .getByRole('button', { name: `${joint}, not set yet` })
      .press('Enter');
  await expect(shin).toContainText('Shin lean');
  const before = await shin.textContent();
  await marked(page).getByRole('button', { name: 'knee', exact: true }).focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(shin).not.toHaveText(before!);
  await button(page, 'Keep the picture with the visit').click();
  await expect(page.getByText(/changes kept on this device/)).toBeVisible();
  await context.setOffline(false);
  await allSent(page);
  const [picture] = (await fileOf(page, world, client)).pictures;
  // Turned as the file says: higher than wide.
  expect(picture).toMatchObject({ width: 300, height: 400, kept: true, imageWrites: 1 });
  const answer = await page.request.get(`${world.url}/api/v1/images/${picture.id}`);
  const { record } = await answer.json();
  const kept = Buffer.from(record.jpeg, 'base64');
  expect(kept.subarray(0, 2).toString('hex')).toBe('ffd8');
  expect(kept.includes('Exif')).toBe(false);
  expect(kept.includes('harbour')).toBe(false);
  const other = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const elsewhere = await other.newPage();
  await signIn(elsewhere, world);
  await elsewhere.goto(page.url());
  await expect(marked(elsewhere).locator('img')).toBeVisible();
  await other.close();
  // Let go, it is gone from the server.
  await button(page, 'Let it go again').click();
  await allSent(page);
  const onServer = async () => {
    const found = await page.request.get(`${world.url}/api/v1/images/${picture.id}`);
    return (await found.json()).record.jpeg;
  };
  await expect.poll(onServer).toBeNull();
  // Kept once more, then removed: what was kept goes too.
  await button(page, 'Keep the picture with the visit').click();
  await allSent(page);
  await expect.poll(onServer).not.toBeNull();
  await button(page, 'Remove this picture').click();
  await allSent(page);
  await expect.poll(onServer).toBeNull();
});

test('the server itself refuses a picture with metadata', async ({ page, world }) => {
  const client = await openPictures(page, world);
  await choose(page, await paintedJpeg(page, 60, 60));
  await marked(page).waitFor();
  await allSent(page);
  const file = await fileOf(page, world, client);
  const { id, visitId } = file.pictures[0];
  const jpeg = withExif(await paintedJpeg(page, 60, 60), 1).toString('base64');
  const answer = await page.request.put(`${world.url}/api/v1/images/${id}`, {
    headers: { 'X-Taxikine': '1' },
    data: {
      writeId: crypto.randomUUID(),
      version: 0,
      record: { id, clientId: client, visitId, jpeg },
    },
  });
  expect(answer.status()).toBe(422);
  expect(await answer.text()).toContain('metadata');
});

test('what is no picture is told, and nothing is lost', async ({ page, world }) => {
  await openPictures(page, world);
  await choose(page, Buffer.from('hips slide to the left'), 'photo.jpg');
  await expect(page.getByRole('alert')).toContainText('That is no picture, whatever it is called');
  const cut = (await paintedJpeg(page, 300, 200)).subarray(0, 120);
  await choose(page, cut);
  await expect(page.getByRole('alert')).toContainText('damaged');
  await choose(page, await paintedJpeg(page, 7300, 5500));
  await expect(marked(page)).toBeVisible();
});

test('a photo stays on this device until it is kept, and survives a reload', async ({
  page,
  world,
}) => {
  const client = await openPictures(page, world);
  await choose(page, await paintedJpeg(page, 300, 400));
  await marked(page).waitFor();
  for (const joint of ['shoulder', 'hip', 'knee', 'ankle', 'heel', 'toe'])
    await marked(page)
      .getByRole('button', { name: `${joint}, not set yet` })
      .click();
  await button(page, 'You set: a length').click();
  await expect(page.getByText('Knee past the toes')).toBeHidden();
  await button(page, 'Its length: more').click();
  await expect(page.getByText('Knee past the toes')).toBeVisible();
  await allSent(page);
  const [picture] = (await fileOf(page, world, client)).pictures;
  expect(picture).toMatchObject({ kept: false, scale: { cm: 100 } });
  const answer = await page.request.get(`${world.url}/api/v1/images/${picture.id}`);
  expect(answer.status()).toBe(404);
  await page.reload();
  await expect(marked(page).locator('img')).toBeVisible();
  await expect(page.getByText('Knee past the toes')).toBeVisible();
});

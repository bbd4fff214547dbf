import type { Page } from '@playwright/test';
import { button, expect, fileOf, makeClient, letIn, test, type World } from '../world';

test.use({
  viewport: { width: 390, height: 844 },
  hasTouch: true,
  permissions: ['camera'],
});

async function openPictures(page: Page, world: World): Promise<string> {
  await letIn(page, world);
  const client = await makeClient(page, world, 'Camera Test');
  await page.goto(`${world.url}/clients/${client}`);
  await button(page, 'Start a squat look').click();
  await button(page, 'All no, go on').click();
  await page.getByRole('main').getByRole('button', { name: 'Look', exact: true }).click();
  await button(page, 'Mark a picture').click();
  return client;
}

const marked = (page: Page) => page.getByRole('group', { name: 'Marks on the picture' });
const allSent = (page: Page) => page.getByText(/kept on this device/).waitFor({ state: 'hidden' });

test('a photo taken here has its upright from the phone', async ({ page, world }) => {
  const client = await openPictures(page, world);
  await button(page, 'Take a photo').click();
  await expect(button(page, 'Take it')).toBeEnabled();
  await page.evaluate(() =>
    window.dispatchEvent(
      new DeviceOrientationEvent('deviceorientation', { alpha: 0, beta: 60, gamma: 10 }),
    ),
  );
  await button(page, 'Take it').click();
  await marked(page).waitFor();
  await allSent(page);
  const [{ plumb }] = (await fileOf(page, world, client)).pictures;
  const [dx, dy] = [plumb.to[0] - plumb.from[0], plumb.from[1] - plumb.to[1]];
  expect((Math.atan2(dx, dy) * 180) / Math.PI).toBeCloseTo(-5.7, 0);
});

/** Half a second of film, painted and recorded in the page itself. */
const film = (page: Page): Promise<string> =>
  page.evaluate(async () => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [160, 120];
    const pen = canvas.getContext('2d')!;
    const recorder = new MediaRecorder(canvas.captureStream(25), { mimeType: 'video/webm' });
    const parts: Blob[] = [];
    recorder.ondataavailable = ({ data }) => parts.push(data);
    const stopped = new Promise((resolve) => (recorder.onstop = resolve));
    recorder.start();
    for (let i = 0; i < 25; i++) {
      pen.fillStyle = i % 2 ? '#c02020' : '#2030c0';
      pen.fillRect(0, 0, 160, 120);
      await new Promise((resolve) => setTimeout(resolve, 30));
    }
    recorder.stop();
    await stopped;
    const bytes = new Uint8Array(await new Blob(parts).arrayBuffer());
    return btoa(String.fromCharCode(...bytes));
  });

test('one moment of a video file becomes the picture', async ({ page, world }) => {
  const client = await openPictures(page, world);
  const buffer = Buffer.from(await film(page), 'base64');
  await page
    .getByLabel('Video file')
    .setInputFiles({ name: 'squat.webm', mimeType: 'video/webm', buffer });
  await expect(page.getByLabel('The video, at the chosen moment')).toBeVisible();
  await button(page, 'Take this moment').click();
  await marked(page).waitFor();
  await allSent(page);
  const [picture] = (await fileOf(page, world, client)).pictures;
  expect(picture).toMatchObject({ width: 160, height: 120, plumb: null });
});

test('what is no video is told', async ({ page, world }) => {
  await openPictures(page, world);
  await page
    .getByLabel('Video file')
    .setInputFiles({ name: 'a.mp4', mimeType: 'video/mp4', buffer: Buffer.from('no film') });
  await expect(page.getByRole('alert')).toContainText('cannot show that video');
});

import type { Page, Route } from '@playwright/test';
import {
  ILSE,
  STRANGER,
  type World,
  allSent,
  button,
  expect,
  fileOf,
  keptAnswers,
  letIn,
  makeClient,
  signIn,
  takeFromHouse,
  test,
} from '../world';

test.use({ viewport: { width: 390, height: 844 } });

/** A look under way, on the phone. */
async function startLook(page: Page, world: World, name: string): Promise<string> {
  await letIn(page, world);
  const client = await makeClient(page, world, name);
  await page.goto(`${world.url}/clients/${client}`);
  await button(page, 'Start a squat look').click();
  await button(page, 'All no, go on').click();
  await page.getByRole('main').getByRole('button', { name: 'Look', exact: true }).click();
  await button(page, 'slide, left').waitFor();
  await allSent(page);
  return client;
}

const newestLook = async (page: Page, world: World, client: string) => {
  const { looks } = await fileOf(page, world, client);
  return looks.sort((a: { startedOn: string }, b: { startedOn: string }) =>
    b.startedOn.localeCompare(a.startedOn),
  )[0];
};

test('a server that dies between a tap and its answer', async ({ page, world }) => {
  const client = await startLook(page, world, 'Maren');
  world.freeze();
  await button(page, 'slide, left').click();
  await button(page, 'turns back, right').click();
  await expect(page.getByText('2 changes kept on this device')).toBeVisible();
  await world.kill();
  await button(page, 'slide, left, slight').click();
  await expect(page.getByText('3 changes kept on this device')).toBeVisible();
  await world.start();
  await allSent(page);
  const look = await newestLook(page, world, client);
  expect(look.faults).toEqual([
    expect.objectContaining({ fault: 'hips-slide', side: 'left', grade: 'plain' }),
    expect.objectContaining({ fault: 'pelvis-turns', side: 'right', grade: 'slight' }),
  ]);
  expect(look.version).toBe(4);
  await page.reload();
  await expect(button(page, 'slide, left, plain')).toBeVisible();
});

test('a tab that is closed while the server is dead', async ({ context, page, world }) => {
  const client = await startLook(page, world, 'Anselm');
  world.freeze();
  await button(page, 'slide, right').click();
  await expect(page.getByText('1 change kept on this device')).toBeVisible();
  await world.kill();
  await page.close();
  await world.start();
  const later = await context.newPage();
  await later.goto(world.url);
  await later.getByRole('heading', { name: 'Loose ends' }).waitFor();
  await expect
    .poll(async () => (await newestLook(later, world, client)).faults)
    .toEqual([expect.objectContaining({ fault: 'hips-slide', side: 'right' })]);
});

test('a tab that is opened again while the server is still dead shows what it had not sent', async ({
  context,
  page,
  world,
}) => {
  const client = await startLook(page, world, 'Rafe');
  await allSent(page);
  // What is kept of the answers is older than the tap.
  const { id } = await newestLook(page, world, client);
  await expect.poll(() => keptAnswers(page)).toContain(id);
  await world.kill();
  await button(page, 'slide, left').click();
  const { href } = new URL(page.url());
  await page.close();
  const later = await context.newPage();
  // The page itself comes from the server; only its answers do not.
  await world.start();
  await later.route('**/api/v1/**', (route) => route.abort());
  await later.goto(href);
  await expect(button(later, /^slide, left, /).first()).toBeVisible();
  await later.unroute('**/api/v1/**');
  await expect
    .poll(async () => (await newestLook(later, world, client)).faults)
    .toEqual([expect.objectContaining({ fault: 'hips-slide', side: 'left' })]);
});

test('an answer that is lost after the write was taken counts once', async ({ page, world }) => {
  const client = await startLook(page, world, 'Tamsin');
  let lost = 0;
  await page.route('**/api/v1/looks/*', async (route) => {
    if (lost++ > 0) return route.continue();
    await route.fetch();
    await route.abort();
  });
  await button(page, 'slide, left').click();
  await allSent(page);
  expect(lost).toBe(2);
  expect(await newestLook(page, world, client)).toMatchObject({
    version: 2,
    faults: [{ fault: 'hips-slide', grade: 'slight' }],
  });
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('a session that expires in the middle of a look', async ({ context, page, world }) => {
  const client = await startLook(page, world, 'Rafe');
  await context.clearCookies();
  await button(page, 'slide, left').click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('What you entered is kept');
  await dialog.getByLabel('Password').fill(ILSE.password);
  await dialog.getByRole('button', { name: 'Sign in' }).click();
  await allSent(page);
  expect((await newestLook(page, world, client)).faults).toHaveLength(1);
  await expect(button(page, 'slide, left, slight')).toBeVisible();
});

test('a session that expires while only reading', async ({ context, page, world }) => {
  await signIn(page, world);
  const client = await makeClient(page, world, 'Ada Lund');
  await context.clearCookies();
  await page.goto(`${world.url}/clients/${client}`);
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Password').fill(ILSE.password);
  await dialog.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { name: 'Ada Lund' })).toBeVisible();
});

test('a second device comes back to the same place, and a conflict is the coach’s to decide', async ({
  browser,
  page,
  world,
}) => {
  const client = await startLook(page, world, 'Ysolde');
  const other = await (
    await browser.newContext({ viewport: { width: 390, height: 844 } })
  ).newPage();
  await signIn(other, world);
  await other.goto(page.url());
  await expect(button(other, 'slide, left')).toBeVisible();

  // Both change the same look, one where nothing is heard of the other; the second to arrive is told.
  await page.context().setOffline(true);
  await button(other, 'slide, right').click();
  await allSent(other);
  await button(page, 'slide, left').click();
  await page.context().setOffline(false);
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('Changed on another device');
  await expect(dialog).toContainText('Hips slide to the left (slight)');
  await expect(dialog).toContainText('Hips slide to the right (slight)');
  await dialog.getByRole('button', { name: 'Keep mine' }).click();
  await allSent(page);
  expect((await newestLook(page, world, client)).faults).toEqual([
    expect.objectContaining({ side: 'left' }),
  ]);

  await expect(button(other, 'slide, left, slight')).toBeVisible();
  await page.context().setOffline(true);
  await button(other, 'turns back, left').click();
  await allSent(other);
  await button(page, 'turns back, right').click();
  await page.context().setOffline(false);
  await page.getByRole('dialog').getByRole('button', { name: 'Take theirs' }).click();
  await expect(button(page, 'turns back, left, slight')).toBeVisible();
  expect((await newestLook(page, world, client)).faults).toHaveLength(2);
});

test('what one coach has not sent never goes out under another’s name', async ({ page, world }) => {
  const client = await startLook(page, world, 'Sten Brandt');
  await page.route('**/api/v1/looks/*', (route) => route.abort());
  await button(page, 'slide, left').click();
  await expect(page.getByText('1 change kept on this device')).toBeVisible();
  await page.goto(world.url);
  await takeFromHouse(page, 'Sign out');
  // Until she is out, what she wrote may still go under her own name.
  await page.getByLabel('E-mail').waitFor();
  await page.unroute('**/api/v1/looks/*');
  const sent: string[] = [];
  page.on('request', (request) => request.method() === 'PUT' && sent.push(request.url()));
  await signIn(page, world, STRANGER);
  // Writes go out in order: one of her own, made after it, would have let the other go first.
  await button(page, 'New client').click();
  await page.getByLabel('Name', { exact: true }).fill('Somebody Else');
  await page.getByLabel('Height in metres').fill('1.72');
  await page.getByLabel('Mass in kilograms').fill('70');
  await button(page, 'Save').click();
  await expect.poll(() => sent.length).toBeGreaterThan(0);
  await allSent(page);
  expect(sent.filter((url) => !url.includes('/clients/'))).toEqual([]);
  await page.goto(world.url);
  await takeFromHouse(page, 'Sign out');
  await signIn(page, world);
  await expect.poll(async () => (await newestLook(page, world, client)).faults).toHaveLength(1);
});

test('who signs out without a line is out, and the server hears of it as soon as it can', async ({
  page,
  world,
}) => {
  await letIn(page, world);
  await page.goto(world.url);
  const isLetIn = async () => (await page.request.get(`${world.url}/api/v1/session`)).ok();
  const noLine = (route: Route) =>
    route.request().method() === 'DELETE' ? route.abort() : route.continue();
  await page.route('**/api/v1/session', noLine);
  await takeFromHouse(page, 'Sign out');
  const said = page.getByText('The server has not heard of it yet');
  await expect(said).toBeVisible();
  // The cookie is still good, and lets nobody in.
  await page.goto(`${world.url}/library`);
  await expect(page.getByLabel('E-mail')).toBeVisible();
  await expect(said).toBeVisible();
  expect(await isLetIn()).toBe(true);
  await page.unroute('**/api/v1/session', noLine);
  await expect(said).toBeHidden();
  expect(await isLetIn()).toBe(false);
});

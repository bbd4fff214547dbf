import type { Browser, Page, Request } from '@playwright/test';
import {
  allSent,
  button,
  expect,
  fileOf,
  makeClient,
  letIn,
  signIn,
  test,
  type World,
} from '../world';

test.use({ viewport: { width: 390, height: 844 } });

async function anotherDevice(browser: Browser, world: World): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const page = await context.newPage();
  await letIn(page, world);
  return page;
}

/** At the look of a client's first visit. */
async function atLook(page: Page, world: World, name: string): Promise<string> {
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

test('what is tapped on one device is seen on the other, and the other way round', async ({
  browser,
  page,
  world,
}) => {
  const client = await atLook(page, world, 'Two Hands');
  const other = await anotherDevice(browser, world);
  await other.goto(page.url());
  await button(other, 'slide, left').waitFor();
  await button(page, 'slide, left').click();
  await expect(button(other, 'slide, left, slight')).toBeVisible();
  // From what the first one wrote, not over it.
  await button(other, 'turns back, right').click();
  await expect(button(page, 'turns back, right, slight')).toBeVisible();
  await allSent(other);
  const { looks } = await fileOf(page, world, client);
  expect(looks[0]).toMatchObject({ version: 3, faults: [{ side: 'left' }, { side: 'right' }] });
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await other.context().close();
});

test('a client who is new on one device is in the list of the other', async ({
  browser,
  page,
  world,
}) => {
  await signIn(page, world);
  // However many ends hang loose before the list of everybody.
  await page.getByLabel('Find by name or work').fill('Aagot');
  await expect(page.getByText('Nobody')).toBeVisible();
  const other = await anotherDevice(browser, world);
  await makeClient(other, world, 'Aagot Brand New');
  await expect(page.getByText('Aagot Brand New')).toBeVisible();
  await other.context().close();
});

test('a stream that is lost with its server is there again with it', async ({
  browser,
  page,
  world,
}) => {
  const client = await atLook(page, world, 'Lost Line');
  await world.kill();
  await world.start();
  const other = await anotherDevice(browser, world);
  await other.goto(`${world.url}/clients/${client}`);
  await button(other, /^Go on/).click();
  await button(other, 'slide, right').click();
  // The browser waits some seconds before it tries again.
  await expect(button(page, 'slide, right, slight')).toBeVisible();
  await other.context().close();
});

test('tabs of one browser share one stream, and the next takes over', async ({
  browser,
  context,
  page,
  world,
}) => {
  const [begun, over] = [new Set<Request>(), new Set<Request>()];
  const isStream = (request: Request) => request.url().endsWith('/api/v1/changes');
  context.on('request', (request) => isStream(request) && begun.add(request));
  context.on('requestfailed', (request) => isStream(request) && over.add(request));
  context.on('requestfinished', (request) => isStream(request) && over.add(request));
  await atLook(page, world, 'Two Tabs');
  // Each page that was loaded on the way had one.
  await expect.poll(() => begun.size - over.size).toBe(1);
  const streams = begun.size;
  const second = await context.newPage();
  await second.goto(page.url());
  const other = await anotherDevice(browser, world);
  await other.goto(page.url());
  await button(other, 'slide, left').click();
  await expect(button(second, 'slide, left, slight')).toBeVisible();
  expect(begun.size).toBe(streams);
  await page.close();
  await expect.poll(() => begun.size).toBe(streams + 1);
  await button(other, 'turns back, left').click();
  await expect(button(second, 'turns back, left, slight')).toBeVisible();
  await other.context().close();
});

test('where no stream gets through, the server is asked', async ({ browser, page, world }) => {
  await page.route('**/api/v1/changes', (route) => route.fulfill({ status: 502 }));
  await atLook(page, world, 'No Stream');
  const other = await anotherDevice(browser, world);
  await other.goto(page.url());
  await button(other, 'slide, left').click();
  await expect(button(page, 'slide, left, slight')).toBeVisible();
  await other.context().close();
});

test('a form does not write over what another device changed meanwhile', async ({
  browser,
  page,
  world,
}) => {
  await letIn(page, world);
  const client = await makeClient(page, world, 'Form Of Two');
  await page.goto(`${world.url}/clients/${client}/edit`);
  await page.getByLabel('Goal').fill('to sit low');
  const other = await anotherDevice(browser, world);
  await other.goto(`${world.url}/clients/${client}/edit`);
  await other.getByLabel('Mass in kilograms').fill('81');
  await button(other, 'Save').click();
  await allSent(other);
  await button(page, 'Save').click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('Changed on another device');
  await dialog.getByRole('button', { name: 'Take theirs' }).click();
  expect((await fileOf(page, world, client)).client).toMatchObject({ massKg: 81, goal: '' });
  await other.context().close();
});

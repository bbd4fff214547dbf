import type { Page } from '@playwright/test';
import { fileURLToPath } from 'node:url';
import { drawnPhoto } from './drawnPhoto';
import { emptyHouse } from '../emptyHouse';
import { allSent, button, clientNamed, fileOf, signIn, test, type World } from '../world';

const FOLDER = fileURLToPath(new URL('../../docs/screenshots/', import.meta.url));
/** As a plan names them. */
const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];
const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };

/** Fonts in, writes away, animations over. */
async function take(page: Page, name: string) {
  await allSent(page);
  await page.mouse.move(0, 0);
  await page.waitForTimeout(400);
  await page.screenshot({ path: `${FOLDER}${name}.png` });
}

/** A demo look, filmed from behind by the stand-in camera and measured. */
async function openRecording(page: Page, world: World): Promise<void> {
  const client = await clientNamed(page, world, 'Maren');
  const { visits } = await fileOf(page, world, client);
  await page.goto(`${world.url}/clients/${client}/visits/${visits[0].id}/recording`);
  await button(page, 'Camera stands: behind').click();
  await button(page, 'Film five repetitions').click();
  await page.getByRole('heading', { name: /^5 repetitions/ }).waitFor();
}

const step = (page: Page, name: string) =>
  page.getByRole('navigation').getByRole('button', { name, exact: true }).click();

async function openVisit(page: Page, world: World, name: string, which: number) {
  const client = await clientNamed(page, world, name);
  const visits = (await fileOf(page, world, client)).visits.sort(
    (a: { openedOn: string }, b: { openedOn: string }) => a.openedOn.localeCompare(b.openedOn),
  );
  const address = `${world.url}/clients/${client}/visits/${visits.at(which).id}`;
  await page.goto(address);
  await page.getByRole('navigation').waitFor();
  return address;
}

test.describe('phone', () => {
  test.use({ viewport: PHONE });

  test('views of a visit', async ({ page, world }) => {
    await signIn(page, world);
    await take(page, 'phone-home');
    await openVisit(page, world, 'Maren', 0);
    await step(page, 'Look');
    await take(page, 'phone-look');
    await step(page, 'Check');
    await page
      .getByRole('button', { name: /^Ankle bend, knee bent/ })
      .first()
      .click();
    await take(page, 'phone-check');
    await openRecording(page, world);
    await take(page, 'phone-recording');
    await page.goto(`${world.url}/clients/${await clientNamed(page, world, 'Maren')}/edit`);
    await button(page, 'right ankle: 1 told').scrollIntoViewIfNeeded();
    await page
      .getByRole('group', { name: 'History on the figure' })
      .evaluate((map) => map.scrollIntoView({ block: 'start' }));
    await take(page, 'phone-meet');
  });
});

test.describe('the work on the phone', () => {
  test.use({ viewport: PHONE });

  test('builder, ladder, player; look again, verdict, report', async ({ page, world }) => {
    const shots: string[] = [];
    const shoot = async () => {
      await page.waitForTimeout(700);
      shots.push((await page.screenshot()).toString('base64'));
    };
    await signIn(page, world);
    await openVisit(page, world, 'Linnea', -1);
    await step(page, 'Work');
    await button(page, 'Change the session').click();
    await button(page, /^Take these drills/).waitFor();
    await shoot();
    await button(page, 'Add a drill').click();
    await button(page, 'For: anything').click();
    await page.getByLabel('Search by name or feel').fill('front foot high');
    await button(page, 'Take it in: Split squat, front foot high, left').click();
    await button(page, 'Split squat, front foot high, left: open').click();
    await shoot();
    await button(page, 'Close').click();
    await button(page, /^Take these drills/).click();
    await button(page, /^Start: Split squat, front/).click();
    await button(page, 'Go').click();
    await page.waitForTimeout(3000);
    await button(page, 'Pause').click();
    await shoot();
    await allSent(page);
    const address = await openVisit(page, world, 'Maren', 0);
    await step(page, 'Again');
    await shoot();
    await step(page, 'Verdict');
    await shoot();
    await page.goto(`${address}/report`);
    await page.getByRole('table', { name: 'What was seen' }).waitFor();
    await shoot();
    await together(page, 'phone-again', PHONE, shots.slice(3), true);
    await together(page, 'phone-work', PHONE, shots.slice(0, 3), true);
  });
});

/** Everybody rests on some day of the week: the first of these who has something to do today. */
async function whoWorksToday(page: Page, world: World): Promise<[id: string, name: string]> {
  const today = WEEKDAYS[(new Date().getDay() + 6) % 7];
  for (const name of ['Tamsin', 'Marguerite', 'Corentin', 'Ysolde']) {
    const id = await clientNamed(page, world, name);
    const { client, homePlans } = await fileOf(page, world, id);
    if (homePlans.length > 0 && client.home.days.includes(today)) return [id, name];
  }
  throw new Error(`nobody in the demo works on ${today}`);
}

test.describe('the week at home, on the client’s phone', () => {
  test.use({ viewport: PHONE, timezoneId: 'Europe/Oslo' });

  test('today, player, pain; and the handout', async ({ page, world }) => {
    const shots: string[] = [];
    const shoot = async () => {
      await page.waitForTimeout(700);
      shots.push((await page.screenshot()).toString('base64'));
    };
    await signIn(page, world);
    const [client, name] = await whoWorksToday(page, world);
    const made = await page.request.post(`${world.url}/api/v1/clients/${client}/links`, {
      headers: { 'X-Taxikine': '1' },
      data: { purpose: 'page', days: 30 },
    });
    await page.goto(`${world.url}/clients/${client}/handout`);
    await button(page, 'Large print').waitFor();
    await shoot();
    await page.goto(`${world.url}/home#${(await made.json()).token}`);
    await page.getByRole('heading', { name: `Today, ${name}` }).waitFor();
    await shoot();
    await button(page, /^Start /)
      .first()
      .click();
    await button(page, 'Go').click();
    await page.waitForTimeout(3000);
    await button(page, 'Pause').click();
    await shoot();
    await button(page, 'List').or(button(page, 'Back')).first().click();
    await page.reload();
    await button(page, /^Say how it went/)
      .first()
      .click();
    await button(page, 'How did it go?: In part').click();
    await button(page, 'Pain, 0 to 10: 4').click();
    await shoot();
    await together(page, 'phone-page', PHONE, shots, true);
  });
});

test.describe('the house', () => {
  test.use({ viewport: PHONE });

  test('the first practice, people, what holds for them, an invitation, who did what, and an account', async ({
    page,
    browser,
    world,
  }) => {
    const shots: string[] = [];
    const shoot = async (of = page) => {
      await of.waitForTimeout(400);
      shots.push((await of.screenshot()).toString('base64'));
    };
    const house = await emptyHouse('pictures_founding');
    await page.goto(house.address);
    await page.getByLabel('Name of the practice', { exact: true }).fill('Tide House');
    await page.getByLabel('Your name', { exact: true }).fill('Brita Holm');
    await page.getByLabel('Your e-mail', { exact: true }).fill('brita@tidehouse.example');
    await shoot();
    house.end();
    await signIn(page, world);
    await page.goto(`${world.url}/practice`);
    await button(page, 'Invite somebody').click();
    await page.getByLabel('Name', { exact: true }).fill('Maud Ekern');
    await page.getByLabel('E-mail').fill('maud@saltreach.example');
    await button(page, 'Make the invitation').click();
    const address = await page.getByLabel('Link to the invitation').inputValue();
    await button(page, 'Done').click();
    await button(page, 'Change: Maud Ekern').waitFor();
    await page.getByRole('heading', { name: 'People' }).evaluate((one) => one.scrollIntoView());
    await shoot();
    const settings = page.getByRole('heading', { name: 'What holds here' });
    await settings.evaluate((one) => one.scrollIntoView());
    await shoot();
    const guest = await (await browser.newContext({ viewport: PHONE })).newPage();
    await guest.goto(address);
    await guest.getByRole('heading', { name: /^Welcome to/ }).waitFor();
    await shoot(guest);
    await button(page, 'Who did what').click();
    await page.getByText(/ invited Maud Ekern$/).waitFor();
    await shoot();
    await page.goto(`${world.url}/account`);
    await page.getByText(/· this one$/).waitFor();
    await shoot();
    await together(page, 'phone-house', PHONE, shots, true);
  });
});

test.describe('a drill of our own', () => {
  test.use({ viewport: WIDE });

  test('set on the figure', async ({ page, world }) => {
    await signIn(page, world);
    await page.goto(`${world.url}/library`);
    await button(page, 'Kind: our own').click();
    await button(page, /^Change: /)
      .first()
      .click();
    await button(page, 'Which pose: End').click();
    await page.getByLabel('Name', { exact: true }).waitFor();
    await take(page, 'wide-own-drill');
  });
});

/** Three demo clients whose causes differ: a joint, a nerve, and control at depth. */
const TRACED = [
  ['Maren', 0],
  ['Corentin', -1],
  ['Ysolde', -1],
] as const;

/** Several screens in one picture, side by side or one below the other. */
async function together(
  page: Page,
  name: string,
  size: typeof PHONE,
  shots: readonly string[],
  across: boolean,
) {
  const columns = across ? shots.length : 1;
  await page.setViewportSize({
    width: size.width * columns,
    height: (size.height * shots.length) / columns,
  });
  const images = shots.map(
    (shot) => `<img src="data:image/png;base64,${shot}" width="${size.width}">`,
  );
  await page.setContent(
    `<body style="margin:0;display:flex;flex-wrap:wrap;font-size:0">${images.join('')}</body>`,
  );
  await page.screenshot({ path: `${FOLDER}${name}.png` });
}

/** The trace of each, side by side or one below the other, in one picture. */
async function takeTraces(
  page: Page,
  world: World,
  name: string,
  size: typeof PHONE,
  across: boolean,
) {
  await signIn(page, world);
  const shots: string[] = [];
  for (const [client, which] of TRACED) {
    await openVisit(page, world, client, which);
    await step(page, 'Trace');
    await page
      .getByText(/told apart by/)
      .first()
      .waitFor();
    await page.waitForTimeout(500);
    await allSent(page);
    shots.push((await page.screenshot()).toString('base64'));
  }
  await together(page, name, size, shots, across);
}

test.describe('traces on the phone', () => {
  test.use({ viewport: PHONE });
  test('three clients', ({ page, world }) => takeTraces(page, world, 'phone-trace', PHONE, true));
});

test.describe('traces at the desk', () => {
  test.use({ viewport: WIDE });
  test('three clients', ({ page, world }) => takeTraces(page, world, 'wide-trace', WIDE, false));
});

test.describe('phone, with a photo', () => {
  test.use({ viewport: PHONE });

  test('marks on a picture', async ({ page, context, world }) => {
    const photo = await drawnPhoto(await context.newPage());
    await signIn(page, world);
    const client = await clientNamed(page, world, 'Maren');
    const { visits } = await fileOf(page, world, client);
    await page.goto(`${world.url}/clients/${client}/visits/${visits[0].id}/picture`);
    const file = { name: 'squat.jpg', mimeType: 'image/jpeg', buffer: photo };
    await page.getByLabel('Picture file').setInputFiles(file);
    const board = page.getByRole('group', { name: 'Marks on the picture' });
    await board.waitFor();
    for (const joint of ['shoulder', 'hip', 'knee', 'ankle', 'heel', 'toe'])
      await board.getByRole('button', { name: `${joint}, not set yet` }).click();
    await take(page, 'phone-picture');
  });
});

test.describe('wide', () => {
  test.use({ viewport: WIDE });

  test('the desk', async ({ page, world }) => {
    await signIn(page, world);
    await take(page, 'wide-home');
    const address = await openVisit(page, world, 'Maren', 0);
    await page.goto(`${address}/board`);
    await page.getByRole('heading', { name: 'Trace' }).waitFor();
    await take(page, 'wide-board');
    await page.goto(`${world.url}/clients/${await clientNamed(page, world, 'Marguerite')}/home`);
    await button(page, 'Which week: Usual week').waitFor();
    await take(page, 'wide-week');
    await page.goto(`${world.url}/clients/${await clientNamed(page, world, 'Linnea')}/trends`);
    await page.getByRole('heading', { name: 'Hip extension' }).waitFor();
    await take(page, 'wide-trends');
    await page.goto(`${world.url}/clients/${await clientNamed(page, world, 'Maren')}/fit`);
    await page.getByRole('slider', { name: 'left ankle bend' }).fill('28');
    await page.getByRole('slider', { name: 'right ankle bend' }).fill('26');
    await page.getByText('right ankle bend +14°').waitFor();
    await page.waitForTimeout(1500);
    await page.getByRole('main').evaluate((main) => main.scrollTo(0, 0));
    await button(page, 'Aim: reach the depth').click();
    await button(page, 'Try this stance').waitFor();
    await take(page, 'wide-fit');
  });
});

test.describe('wide, blueprint', () => {
  test.use({ viewport: WIDE, colorScheme: 'dark' });

  test('the board', async ({ page, world }) => {
    await signIn(page, world);
    const address = await openVisit(page, world, 'Tamsin', -1);
    await page.goto(`${address}/board`);
    await page.getByRole('heading', { name: 'Trace' }).waitFor();
    await take(page, 'wide-board-blueprint');
  });
});

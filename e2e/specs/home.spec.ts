import type { BrowserContext, Locator, Page } from '@playwright/test';
import {
  allSent,
  button,
  clientNamed,
  clientWithPlan,
  expect,
  fileOf,
  letIn,
  signIn,
  test,
  type World,
} from '../world';

test.use({ viewport: { width: 1280, height: 800 }, timezoneId: 'Europe/Oslo' });

/** Plans the week of a demo client who has none yet; ends the plan there is. */
async function freshPlan(page: Page, world: World, name: string): Promise<string> {
  const client = await clientNamed(page, world, name);
  await page.goto(`${world.url}/clients/${client}/home`);
  const begin = button(page, 'Plan the week');
  await begin.or(button(page, 'End this plan')).waitFor();
  if (!(await begin.isVisible())) {
    await button(page, 'End this plan').click();
    await button(page, 'End it').click();
  }
  await begin.click();
  await page.getByRole('group', { name: 'Monday' }).waitFor();
  await allSent(page);
  return client;
}

const onDay = (page: Page, day: string) =>
  page.getByRole('group', { name: day, exact: true }).getByRole('button');

async function middleOf(place: Locator): Promise<Point> {
  const { x, y, width, height } = (await place.boundingBox())!;
  return { x: x + width / 2, y: y + height / 2 };
}

interface Point {
  readonly x: number;
  readonly y: number;
}

/** A finger of the browser's own, as on glass: it scrolls what nobody holds. */
async function fingerOn(page: Page, start: Point) {
  const session = await page.context().newCDPSession(page);
  let at = start;
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd') =>
    session.send('Input.dispatchTouchEvent', {
      type,
      touchPoints: type === 'touchEnd' ? [] : [at],
    });
  return {
    down: () => touch('touchStart'),
    /** Down the glass, so many pixels. */
    moveBy: async (pixels: number) => {
      for (let step = 0; step < 10; step++) {
        at = { x: at.x, y: at.y + pixels / 10 };
        await touch('touchMove');
      }
    },
    up: () => touch('touchEnd'),
  };
}

/** A page of the client's own: another person, another device, no cookie of the coach's. */
async function clientsPage(context: BrowserContext, address: string): Promise<Page> {
  const page = await context.newPage();
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(address);
  await page.getByRole('heading', { level: 1 }).waitFor();
  return page;
}

test('the coach plans a week, by mouse and by keyboard, and the rules answer', async ({
  page,
  world,
}) => {
  await signIn(page, world);
  const client = await freshPlan(page, world, 'Corentin');
  const plans = async () =>
    (await fileOf(page, world, client)).homePlans.filter((one: { endedOn: null }) => !one.endedOn);

  await expect(onDay(page, 'Monday').first()).toBeVisible();
  const doses = await onDay(page, 'Tuesday').count();
  const chip = onDay(page, 'Monday').first();
  const target = page.locator('[data-cell="tue 20:00"]');
  await chip.hover();
  await page.mouse.down();
  const box = (await target.boundingBox())!;
  await page.mouse.move(box.x + 40, box.y + 30, { steps: 8 });
  await page.mouse.up();
  await expect(page.locator('[data-cell="tue 20:00"]').getByText('held')).toBeVisible();
  expect(await onDay(page, 'Tuesday').count()).toBeGreaterThanOrEqual(doses);

  const keyed = onDay(page, 'Thursday').first();
  const label = (await keyed.getAttribute('aria-label'))!;
  await keyed.focus();
  // The board says each move; a key that comes before it took hold is not heard.
  const said = page.locator('[id^="DndLiveRegion"]');
  await page.keyboard.press('Space');
  await expect(said).toHaveText(/: over Thursday/);
  // It listens to keys from a timer on that it has set by now: one that is set after it ends after it.
  await page.evaluate(() => new Promise((done) => setTimeout(done)));
  await page.keyboard.press('ArrowRight');
  await expect(said).toHaveText(/: over Friday/);
  await page.keyboard.press('Space');
  const name = label.split(', Thu')[0];
  await expect(page.getByRole('button', { name: `${name}, Fri` }).first()).toBeVisible();
  await expect.poll(async () => (await plans())[0].wish.pinned.length).toBeGreaterThanOrEqual(2);

  await button(page, 'As the rules would place it').click();
  await expect(page.getByText('held')).toHaveCount(0);
  await button(page, 'Which week: First week').click();
  await expect(page.getByText(/· new$/).first()).toBeVisible();
});

test.describe('on the phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('a finger that rests takes hold of a dose and drags it; one that scrolls moves nothing', async ({
    page,
    world,
  }) => {
    await letIn(page, world);
    const client = await clientWithPlan(page, world, 'Finger Test');
    await page.goto(`${world.url}/clients/${client}/home`);
    const chip = onDay(page, 'Monday').nth(3);
    // Far from both edges, where the page would follow the finger.
    const centred = async () => {
      await chip.evaluate((element) => element.scrollIntoView({ block: 'center' }));
      await chip.tap({ trial: true });
      return middleOf(chip);
    };
    const finger = await fingerOn(page, await centred());
    const pins = async () => (await fileOf(page, world, client)).homePlans[0].wish.pinned;

    await finger.down();
    await finger.moveBy(-120);
    await finger.up();
    await expect(page.getByText('held')).toHaveCount(0);

    const name = (await chip.getAttribute('aria-label'))!.split(', Mon')[0];
    const held = await fingerOn(page, await centred());
    await held.down();
    await expect(chip).toHaveAttribute('aria-pressed', 'true');
    const evening = page.locator('[data-cell="mon 20:00"]');
    await held.moveBy((await middleOf(evening)).y - (await middleOf(chip)).y);
    await held.up();
    await expect(page.getByText('held')).toHaveCount(1);
    await expect(evening.getByRole('button', { name })).toBeVisible();
    await expect.poll(pins).toMatchObject([{ day: 'mon', at: '20:00' }]);
  });
});

test('a week with too few minutes says what it drops, and one with none says so', async ({
  page,
  world,
}) => {
  await letIn(page, world);
  const client = await freshPlan(page, world, 'Tamsin');
  const [plan] = (await fileOf(page, world, client)).homePlans.filter(
    (one: { endedOn: string | null }) => !one.endedOn,
  );
  const put = async (part: object, version: number) => {
    const { version: _, ...record } = { ...plan, ...part };
    const answer = await page.request.put(`${world.url}/api/v1/homePlans/${plan.id}`, {
      headers: { 'X-Taxikine': '1' },
      data: { writeId: crypto.randomUUID(), version, record },
    });
    expect(answer.ok()).toBe(true);
    await page.reload();
  };
  await put({ minutes: 2 }, plan.version);
  await expect(page.getByText(/minutes asked, 2 available, on \d days/)).toBeVisible();
  await expect(
    page.getByText(/^Dropped: |times a week \(the minutes of the day are full\)/).first(),
  ).toBeVisible();
  await put({ minutes: 0 }, plan.version + 1);
  await expect(page.getByText('There is no free minute in this week.')).toBeVisible();
});

test.describe('the client’s page', () => {
  test.use({ serviceWorkers: 'allow' });

  test('a day is done offline, pain is said, and the coach sees it first', async ({
    page,
    world,
    browser,
  }) => {
    await letIn(page, world);
    await freshPlan(page, world, 'Corentin');
    await button(page, 'Make a link to the page').click();
    const address = await page.getByLabel('Address of the page').inputValue();
    expect(address).toContain('/home#');
    await allSent(page);

    const theirs = await browser.newContext({ timezoneId: 'Europe/Oslo' });
    const phone = await clientsPage(theirs, address);
    await expect(phone.getByRole('heading', { name: 'Today, Corentin' })).toBeVisible();
    await phone.waitForFunction(() => navigator.serviceWorker.controller !== null);

    // The gym in the basement: no signal, and the page is opened anew.
    await theirs.setOffline(true);
    await world.kill();
    await phone.reload();
    await expect(phone.getByRole('heading', { name: 'Today, Corentin' })).toBeVisible();
    await button(phone, /^Start /)
      .first()
      .click();
    await button(phone, 'Go').click();
    await phone.reload();
    await button(phone, /^Start /)
      .first()
      .click();
    await expect(button(phone, 'Pause')).toBeVisible();
    await button(phone, 'Pain').click();
    await button(phone, 'How much, 0 to 10: 7').click();
    await button(phone, 'Stop the drill').click();
    await button(phone, 'Keep it').click();
    await button(phone, 'None of these').click();
    await expect(phone.getByText(/2 things kept here/)).toBeVisible();
    await expect(
      phone.getByText('Stopped. Your coach will say how to go on.').first(),
    ).toBeVisible();
    await phone.reload();
    await expect(phone.getByText(/2 things kept here/)).toBeVisible();

    await world.start();
    await theirs.setOffline(false);
    await expect(phone.getByText(/kept here/)).toHaveCount(0);

    await page.goto(world.url);
    const first = page.getByRole('region', { name: 'Loose ends' }).getByRole('button');
    await expect(first.filter({ hasText: 'pain 7 of 10' })).toContainText('Corentin');
    await first.filter({ hasText: 'Corentin' }).first().click();
    await button(page, 'Keep it so').click();
    await expect(page.getByText('pain 7 of 10')).toHaveCount(0);
    await theirs.close();
  });

  test('a stop-and-refer answer takes the drills away at once, also offline', async ({
    page,
    world,
    browser,
  }) => {
    await letIn(page, world);
    const client = await clientWithPlan(page, world, 'Una Brightwater');
    await page.goto(`${world.url}/clients/${client}/home`);
    await button(page, 'Make a link to the page').click();
    const address = await page.getByLabel('Address of the page').inputValue();
    await allSent(page);
    const theirs = await browser.newContext({ timezoneId: 'Europe/Oslo' });
    const phone = await clientsPage(theirs, address);
    await theirs.setOffline(true);
    await button(phone, /^Say how it went/)
      .first()
      .click();
    await button(phone, 'How did it go?: In part').click();
    await button(phone, 'Pain, 0 to 10: 3').click();
    await button(phone, 'Keep it').click();
    await phone
      .getByRole('button', { name: /giving way|gives way|lock/i })
      .last()
      .click();
    await button(phone, 'Tell my coach').click();
    await expect(phone.getByRole('heading', { name: 'No drills for now.' })).toBeVisible();
    await phone.reload().catch(() => {});
    await theirs.setOffline(false);
    await phone.goto('about:blank');
    await phone.goto(address);
    await expect(phone.getByRole('heading', { name: 'No drills for now.' })).toBeVisible();
    await expect
      .poll(async () => (await fileOf(page, world, client)).homeEntries.at(-1)?.kind)
      .toBe('safety');
    await page.goto(world.url);
    const region = page.getByRole('region', { name: 'Loose ends' });
    await expect(
      region.getByRole('button').filter({ hasText: 'Answered yes at home' }),
    ).toContainText('Una');
    await theirs.close();
  });

  test('a closed and an altered link say so and show nothing', async ({ page, world, browser }) => {
    await letIn(page, world);
    await freshPlan(page, world, 'Maren');
    await button(page, 'Make a link to the page').click();
    const address = await page.getByLabel('Address of the page').inputValue();
    await allSent(page);
    const theirs = await browser.newContext();
    const altered = await clientsPage(theirs, `${address.slice(0, -2)}xx`);
    await expect(
      altered.getByRole('heading', { name: 'This link does not open anything.' }),
    ).toBeVisible();
    const phone = await clientsPage(theirs, address);
    await expect(phone.getByRole('heading', { name: 'Today, Maren' })).toBeVisible();
    // The newest is first; the letter of the demo has a link of its own.
    const links = page.getByText(/^Page, made today/);
    const open = await links.count();
    await button(page, 'Close it').first().click();
    await expect(links).toHaveCount(open - 1);
    await phone.reload();
    await expect(
      phone.getByRole('heading', { name: 'Your coach has closed this link.' }),
    ).toBeVisible();
    await expect(phone.getByText('Maren')).toHaveCount(0);
    await theirs.close();
  });
});

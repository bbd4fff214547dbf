import type { Locator, Page } from '@playwright/test';
import { inWidth } from '../inWidth';
import { walkTo } from '../walkTo';
import { button, clientNamed, expect, fileOf, signIn, test } from '../world';

const STEPS = ['Ask', 'Set-up', 'Look', 'Probe', 'Check', 'Trace', 'Work', 'Again', 'Verdict'];

const WIDTHS = [320, 768, 390] as const;

async function fits(page: Page, where: string) {
  for (const width of WIDTHS) {
    await inWidth(page, width, 700);
    await isWithin(page, `${where}, ${width} px`);
  }
}

/** Nothing sticks out to the side: neither the page nor anything in it that can be pressed. */
async function isWithin(page: Page, where: string) {
  const out = await page.evaluate(() => {
    const width = document.documentElement.clientWidth;
    const all = [...document.querySelectorAll('button, input, h1, h2, [role=heading]')];
    return all
      .filter((one) => one.getBoundingClientRect().right > width + 1)
      .map((one) => one.getAttribute('aria-label') ?? one.textContent);
  });
  expect(out, where).toEqual([]);
}

test.use({ viewport: { width: 390, height: 700 } });

test('every view fits into 320, 390 and 768 px', async ({ page, world }) => {
  await signIn(page, world);
  await fits(page, 'home');
  const client = await clientNamed(page, world, 'Maren');
  const { visits } = await fileOf(page, world, client);
  const linnea = `/clients/${await clientNamed(page, world, 'Linnea')}`;
  const heading = (name: string | RegExp) => page.getByRole('heading', { name });
  const views: [where: string, path: string, shows: Locator][] = [
    ['client', `/clients/${client}`, button(page, 'Change details')],
    ['week at home', `/clients/${client}/home`, button(page, 'Which week: Usual week')],
    ['handout', `/clients/${client}/handout`, button(page, 'Large print')],
    ['fit', `/clients/${client}/fit`, heading(/^Thighs/)],
    ['details', `/clients/${client}/edit`, button(page, 'left knee')],
    ['account', '/account', heading('Where you are signed in')],
    ['who did what', '/deeds', page.getByText(/ signed in/).first()],
    ['practice', '/practice', heading('What holds until the next session')],
    ['outbox', '/outbox', page.getByText('Linnea Castell: The plan is ready')],
    ['library', '/library', button(page, 'New drill')],
    ['own drill', '/library/new', heading('The figure')],
    ['ladders', linnea, heading('Ladders')],
    ['trends', `${linnea}/trends`, heading('Hip extension')],
    [
      'picture',
      `/clients/${client}/visits/${visits[0].id}/picture`,
      button(page, 'Choose a picture'),
    ],
    ['visit', `/clients/${client}/visits/${visits[0].id}`, page.getByRole('navigation')],
  ];
  for (const [where, path, shows] of views) {
    await walkTo(page, path, shows);
    await fits(page, where);
  }
  for (const step of STEPS) {
    await page.getByRole('navigation').getByRole('button', { name: step, exact: true }).click();
    await page.getByRole('main').waitFor();
    await fits(page, step);
  }
});

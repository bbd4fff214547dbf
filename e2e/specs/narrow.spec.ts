import type { Page } from '@playwright/test';
import { button, clientNamed, expect, fileOf, letIn, test } from '../world';

const STEPS = ['Ask', 'Set-up', 'Look', 'Probe', 'Check', 'Trace', 'Work', 'Again', 'Verdict'];

/** Nothing sticks out to the side: neither the page nor anything in it that can be pressed. */
async function fits(page: Page, where: string) {
  const out = await page.evaluate(() => {
    const width = document.documentElement.clientWidth;
    const all = [...document.querySelectorAll('button, input, h1, h2, [role=heading]')];
    return all
      .filter((one) => one.getBoundingClientRect().right > width + 1)
      .map((one) => one.getAttribute('aria-label') ?? one.textContent);
  });
  expect(out, where).toEqual([]);
}

for (const width of [320, 390, 768])
  test.describe(`${width} px`, () => {
    test.use({ viewport: { width, height: 700 } });

    test(`every view fits into ${width} px`, async ({ page, world }) => {
      await letIn(page, world);
      await fits(page, 'home');
      const client = await clientNamed(page, world, 'Maren');
      const { visits } = await fileOf(page, world, client);
      await page.goto(`${world.url}/clients/${client}`);
      await button(page, 'Change details').waitFor();
      await fits(page, 'client');
      await page.goto(`${world.url}/clients/${client}/home`);
      await button(page, 'Which week: Usual week').waitFor();
      await fits(page, 'week at home');
      await page.goto(`${world.url}/clients/${client}/handout`);
      await button(page, 'Large print').click();
      await fits(page, 'handout');
      await page.goto(`${world.url}/clients/${client}/fit`);
      await page.getByRole('heading', { name: /^Thighs/ }).waitFor();
      await fits(page, 'fit');
      await page.goto(`${world.url}/clients/${client}/edit`);
      await button(page, 'left knee').waitFor();
      await fits(page, 'details');
      await page.goto(`${world.url}/practice`);
      await page.getByRole('heading', { name: 'What holds until the next session' }).waitFor();
      await fits(page, 'practice');
      await page.goto(`${world.url}/outbox`);
      await page.getByText('Linnea Castell: The plan is ready').waitFor();
      await fits(page, 'outbox');
      await page.goto(`${world.url}/library`);
      await button(page, 'New drill').click();
      await page.getByRole('heading', { name: 'The figure' }).waitFor();
      await fits(page, 'own drill');
      await page.goto(`${world.url}/clients/${await clientNamed(page, world, 'Linnea')}`);
      await page.getByRole('heading', { name: 'Ladders' }).waitFor();
      await fits(page, 'ladders');
      await button(page, 'Trends').click();
      await page.getByRole('heading', { name: 'Hip extension' }).waitFor();
      await fits(page, 'trends');
      await page.goto(`${world.url}/clients/${client}/visits/${visits[0].id}/picture`);
      await button(page, 'Choose a picture').waitFor();
      await fits(page, 'picture');
      await page.goto(`${world.url}/clients/${client}/visits/${visits[0].id}`);
      for (const step of STEPS) {
        await page.getByRole('navigation').getByRole('button', { name: step, exact: true }).click();
        await page.getByRole('main').waitFor();
        await fits(page, step);
      }
    });
  });

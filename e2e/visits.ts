import type { Page } from '@playwright/test';
import { button, clientNamed, expect, fileOf, makeClient, type World } from './world';

/** The steps of a visit, as the rail names them. */
export const STEPS = [
  'Ask',
  'Set-up',
  'Look',
  'Probe',
  'Check',
  'Trace',
  'Work',
  'Again',
  'Verdict',
] as const;

/** Where a demo client's first visit is. */
export async function visitOf(page: Page, world: World, name: string): Promise<string> {
  const client = await clientNamed(page, world, name);
  const { visits } = await fileOf(page, world, client);
  return `/clients/${client}/visits/${visits[0].id}`;
}

/** A client of the test's own whose hips slide to the left in a squat, at the checks; as whoever is signed in. */
export async function squatAtChecks(page: Page, world: World, name: string): Promise<string> {
  const client = await makeClient(page, world, name);
  await page.goto(`${world.url}/clients/${client}`);
  await button(page, 'Start a squat look').click();
  await button(page, 'All no, go on').click();
  await page.getByRole('main').getByRole('button', { name: 'Look', exact: true }).click();
  await button(page, /slide.*left|left.*slide/i)
    .first()
    .click();
  await button(page, /^Done looking/).click();
  await expect(page.getByRole('group', { name: 'Says most now' })).toContainText(
    /separates|speaks/,
  );
  await button(page, 'To the checks').click();
  return client;
}

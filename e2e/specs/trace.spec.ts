import type { Page } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { allSent, button, expect, fileOf, signIn, test, type World } from '../world';

test.use({ viewport: { width: 390, height: 844 } });

const CASE = {
  format: 'taxikine-case',
  version: 1,
  client: { heightM: 1.75, massKg: 75, refer: [] as string[], shoeSize: 43 },
  approach: 'blended',
  look: {
    pattern: 'squat',
    faults: [{ fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain' }],
    clear: ['tips-back'],
  },
  probes: [{ probe: 'heels-up', outcome: 'better', fault: 'hips-slide' }],
  checks: [
    { check: 'ankle-bend-knee-bent', side: 'left', passive: 41, unit: 'deg' },
    { check: 'ankle-bend-knee-bent', side: 'right', passive: 27, unit: 'deg', felt: 'front' },
  ],
};
const ANKLE = 'Right ankle will not bend';

async function choose(page: Page, world: World, content: object | string): Promise<void> {
  await page.goto(`${world.url}/clients/new`);
  const text = typeof content === 'string' ? content : JSON.stringify(content);
  await page.getByLabel('Case file', { exact: true }).setInputFiles({
    name: 'case.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text),
  });
}

/** Ids of the client and the visit that the page stands on. */
const idsOf = (page: Page): [client: string, visit: string] => {
  const [, client, visit] = /clients\/([^/]+)\/visits\/([^/?]+)/.exec(page.url())!;
  return [client, visit];
};

/** A visit at its trace, out of a case file. */
async function openTrace(page: Page, world: World, name: string, content: object = CASE) {
  await signIn(page, world);
  await choose(page, world, content);
  await page.getByLabel('Name for this client').fill(name);
  await button(page, 'Make the client').click();
  await page
    .getByRole('heading', { name: 'What it comes from' })
    .or(page.getByRole('heading', { name: /consent|before we start/i }))
    .first()
    .waitFor();
  return idsOf(page);
}

/** Consent given and the safety questions answered, as any visit asks them. */
async function letIn(page: Page, world: World, [client, visit]: [string, string]) {
  await allSent(page);
  const file = await fileOf(page, world, client);
  const { version, ...record } = file.client;
  const consent = { on: '2026-01-01', wording: '2026-1', guardian: null };
  const answer = await page.request.put(`${world.url}/api/v1/clients/${client}`, {
    headers: { 'X-Taxikine': '1' },
    data: { writeId: crypto.randomUUID(), version, record: { ...record, consent } },
  });
  expect(answer.ok()).toBe(true);
  await page.goto(`${world.url}/clients/${client}/visits/${visit}`);
  await page.getByRole('heading', { name: 'What it comes from' }).waitFor();
}

const threads = (page: Page) =>
  page.getByRole('group', { name: 'Threads from what was seen to what it comes from' });
const ankle = (page: Page) => threads(page).getByRole('button', { name: new RegExp(ANKLE) });

test('a finding left out moves the threads, and nothing of it is kept', async ({ page, world }) => {
  const ids = await openTrace(page, world, 'What If');
  await letIn(page, world, ids);
  await expect(ankle(page)).toHaveAccessibleName(/, >?0\.9\d$/);
  await button(page, 'What if …').click();
  await button(page, 'Right: ankle bend, knee bent 27°').click();
  await expect(page.getByText('As if 1 of 5 findings had not been made.')).toBeVisible();
  await expect(ankle(page)).toContainText('→');
  await button(page, 'Back to what was found').click();
  await expect(ankle(page)).not.toContainText('→');
  const { checks } = await fileOf(page, world, ids[0]);
  expect(checks).toHaveLength(2);
});

test('a cause is read: what speaks for it, what else it could be, and what tells them apart', async ({
  page,
  world,
}) => {
  const ids = await openTrace(page, world, 'Read It', { ...CASE, checks: [] });
  await letIn(page, world, ids);
  await ankle(page).click();
  const card = page.getByRole('group', { name: new RegExp(`^${ANKLE}`) });
  await expect(card).toContainText('consistent with');
  await expect(card).toContainText('Heels up: better');
  await expect(card).toContainText('Or it is');
  await expect(card).toContainText(/told apart by/);
});

test('a dismissed cause stays dismissed, with its reason and what the findings said', async ({
  page,
  world,
}) => {
  const ids = await openTrace(page, world, 'Dismiss It');
  await letIn(page, world, ids);
  await world.kill();
  await button(page, `Dismiss: ${ANKLE}`).click();
  await button(page, 'My hands say so').click();
  await expect(page.getByRole('group', { name: 'Dismissed by you' })).toContainText(ANKLE);
  await expect(page.getByText(/kept on this device/)).toBeVisible();
  await world.start();
  await allSent(page);
  await page.reload();
  await page.getByRole('group', { name: 'Dismissed by you' }).getByRole('button').click();
  await expect(page.getByText(/Dismissed by you: My hands say so/)).toBeVisible();
  const [kept] = (await fileOf(page, world, ids[0])).visits;
  expect(kept.opinions).toEqual([
    expect.objectContaining({ cause: 'ankle-joint', side: 'right', says: 'dismissed' }),
  ]);
  expect(kept.opinions[0].byFindings).toBeGreaterThan(0.9);
  await button(page, 'Take it back').click();
  await expect(ankle(page)).toBeVisible();
});

test('another approach shows what it would change, and is taken', async ({ page, world }) => {
  const ids = await openTrace(page, world, 'Approach It', { ...CASE, checks: [] });
  await letIn(page, world, ids);
  await button(page, 'Another approach').click();
  await button(page, /Ground up/).click();
  const other = page.getByRole('group', { name: 'Ground up', exact: true });
  await expect(other).toContainText('Ankle bend');
  await expect(page.getByRole('group', { name: 'Blended (now)' })).toContainText('Asks first');
  await button(page, 'Use Ground up for this client').click();
  await allSent(page);
  expect((await fileOf(page, world, ids[0])).client.approach).toBe('ground-up');
});

test('a case goes out and comes in again: same causes, what is unknown kept, nobody named', async ({
  page,
  world,
}) => {
  const ids = await openTrace(page, world, 'Round Trip');
  await letIn(page, world, ids);
  const before = await ankle(page).getAttribute('aria-label');
  const download = page.waitForEvent('download');
  await button(page, 'Save as case file').click();
  const text = await readFile(await (await download).path(), 'utf8');
  expect(text).not.toContain('Round Trip');
  expect(JSON.parse(text)).toMatchObject({ client: { shoeSize: 43 }, checks: [{}, {}] });
  await choose(page, world, text);
  await page.getByLabel('Name for this client').fill('Round Trip Two');
  await button(page, 'Make the client').click();
  await page.waitForURL(/visits/);
  await letIn(page, world, idsOf(page));
  expect(await ankle(page).getAttribute('aria-label')).toBe(before);
});

test.describe('what is no case is told by its path, and nothing is made', () => {
  const seen = { ...CASE.look.faults[0] };
  for (const [name, content, words] of [
    ['no JSON', 'hips slide to the left', 'the file: is not a JSON document'],
    [
      'an unknown fault',
      { ...CASE, look: { ...CASE.look, faults: [{ ...seen, fault: 'sag' }] } },
      'look.faults.0.fault',
    ],
    [
      'an impossible range',
      { ...CASE, checks: [{ ...CASE.checks[0], passive: 400 }] },
      'checks.0.passive: 400 is impossible',
    ],
    ['another format', { ...CASE, format: 'other' }, 'format'],
  ] as const)
    test(name, async ({ page, world }) => {
      await signIn(page, world);
      await choose(page, world, content);
      await expect(page.getByRole('alert')).toContainText(words);
      await expect(page.getByRole('alert')).toContainText('Nothing was changed');
    });
});

test('contradicting checks are told, and neither is used', async ({ page, world }) => {
  await signIn(page, world);
  const checks = [CASE.checks[1], { ...CASE.checks[1], passive: 43 }];
  await choose(page, world, { ...CASE, checks });
  await expect(page.getByRole('alert')).toContainText('27° and 43° contradict each other');
});

test('a positive answer comes in with its case, and holds the drills back', async ({
  page,
  world,
}) => {
  const content = { ...CASE, client: { ...CASE.client, refer: ['night-pain'] } };
  await signIn(page, world);
  await choose(page, world, content);
  await expect(page.getByText(/positive stop-and-refer answer/)).toBeVisible();
  await page.getByLabel('Name for this client').fill('Refer It');
  await button(page, 'Make the client').click();
  await page.waitForURL(/visits/);
  const [client, visit] = idsOf(page);
  // Before its first write is on its way nothing is left to send either: the answers have to be there.
  const asks = async () => (await fileOf(page, world, client)).visits?.[0]?.asks.length ?? 0;
  await expect.poll(asks).toBe(1);
  const drill = {
    id: crypto.randomUUID(),
    clientId: client,
    visitId: visit,
    drill: 'knee-over-outer-toes',
    side: 'right',
    targets: ['ankle-joint:right'],
    place: 0,
    status: 'planned',
    clock: { set: 0, runningSince: null, workedS: 0 },
    pain: null,
    doneOn: null,
    removed: false,
  };
  const answer = await page.request.put(`${world.url}/api/v1/drills/${drill.id}`, {
    headers: { 'X-Taxikine': '1' },
    data: { writeId: crypto.randomUUID(), version: 0, record: drill },
  });
  expect(answer.status()).toBe(422);
  expect(await answer.text()).toContain('clinician');
});

test('what a wrong trace taught stands in the next visit', async ({ page, world }) => {
  await signIn(page, world);
  const { clients } = await (await page.request.get(`${world.url}/api/v1/clients`)).json();
  const jory = clients.find((line: { client: { name: string } }) =>
    line.client.name.startsWith('Jory'),
  ).client.id;
  const { visits } = await fileOf(page, world, jory);
  const second = visits.sort((a: { openedOn: string }, b: { openedOn: string }) =>
    a.openedOn.localeCompare(b.openedOn),
  )[1];
  await page.goto(`${world.url}/clients/${jory}/visits/${second.id}`);
  await page.getByRole('button', { name: 'Trace', exact: true }).click();
  const taught = page.getByRole('group', { name: 'What earlier visits taught' });
  await expect(taught).toContainText('Left ankle will not bend: was not it');
  await expect(taught).toContainText('29° → 36°');
});

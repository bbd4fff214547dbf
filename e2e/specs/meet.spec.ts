import { button, expect, fileOf, letIn, makeClient, test } from '../world';

test.use({ viewport: { width: 390, height: 844 } });

/** A tap takes two seconds at the most, a typed field ten: what a coach needs with somebody before them. */
const SECONDS = { tap: 2, field: 10 } as const;
const MOST_S = 180;

test('somebody is met in full on a phone, in less than three minutes of taps', async ({
  page,
  world,
}) => {
  await letIn(page, world);
  await page.goto(`${world.url}/clients/new`);
  let seconds = 0;
  const tap = async (name: string) => {
    await button(page, name).click();
    seconds += SECONDS.tap;
  };
  const type = async (label: string, text: string) => {
    await page.getByLabel(label).fill(text);
    seconds += SECONDS.field;
  };
  await type('Name', 'Wenna Trask');
  await type('Height in metres', '1,66');
  await type('Mass in kilograms', '63');
  await tap('Agreed today');
  await tap('Hypermobile');
  await tap('right ankle');
  await tap('sprain');
  await tap('Done');
  await tap('left knee');
  await tap('knee is fixed');
  await tap('Done');
  await tap('right hip');
  await tap('This joint was replaced');
  await tap('The surgeon lets it bend to: more');
  await tap('Done');
  await tap('Carries on one side, left');
  await tap('Sits most of the day');
  await tap('Mostly wears: flat');
  await tap('Has at home: Mat');
  await tap('Has at home: Band');
  await tap('Minutes a day: 12 min');
  await tap('On which days: Mon');
  await tap('On which days: Thu');
  await type('Goal, in their words', 'to kneel in the garden');
  await tap('Approach: Ground up');
  await tap('Save');
  await expect(page.getByRole('heading', { name: 'Wenna Trask' })).toBeVisible();
  expect(seconds).toBeLessThan(MOST_S);
  await page.getByText(/kept on this device/).waitFor({ state: 'hidden' });
  const id = page.url().split('/').at(-1)!;
  const { client } = await fileOf(page, world, id);
  expect(client).toMatchObject({
    flags: ['hypermobility'],
    footwear: 'flat',
    approach: 'ground-up',
    goal: 'to kneel in the garden',
    given: [{ cause: 'fixed-knee', side: 'left' }],
    home: { kit: ['mat', 'band'], minutes: 12, days: ['mon', 'thu'] },
    consent: { wording: '2026-1', guardian: null },
  });
  expect(client.history).toEqual([
    { what: 'sprain', region: 'ankle', side: 'right' },
    { what: 'operation', region: 'hip', side: 'right', replaced: true, mostDeg: 90 },
    { what: 'one-sided-habit', side: 'left', note: 'Carries on one side' },
    { what: 'sitting' },
  ]);
  await expect(
    page.getByText(
      'right ankle sprain · right hip replaced, bends to 90° at most · Carries on one side, left',
    ),
  ).toBeVisible();
});

test('in a look on one leg: repetitions, a rest, notes and what only one leg shows', async ({
  page,
  world,
}) => {
  await letIn(page, world);
  // A client of its own: whoever stood on one leg last is asked on one leg the next time, in other tests too.
  const client = await makeClient(page, world, 'One Leg');
  await page.goto(`${world.url}/clients/${client}`);
  await button(page, 'Start a squat look').click();
  await button(page, 'All no, go on').click();
  await button(page, 'Legs: left only').click();
  await page.getByRole('main').getByRole('button', { name: 'Look', exact: true }).click();
  await button(page, 'left knee').click();
  await page
    .getByRole('group', { name: /wobbles/ })
    .or(page.getByText('wobbles'))
    .first()
    .waitFor();
  await button(page, /wobbles.*left|left.*wobbles/i)
    .first()
    .click();
  await button(page, 'Count one repetition').click();
  for (const next of ['Goes down', 'Bottom', 'Stands'])
    await button(page, `Tap the tempo: ${next}`).click();
  await expect(page.getByText(/^2 repetitions · down /)).toBeVisible();
  await button(page, 'Rest at the bottom: Start').click();
  await page.reload();
  await button(page, 'Rest at the bottom: Stop').click();
  await button(page, /^Notes/).click();
  await button(page, 'Holds the breath').click();
  await button(page, 'Done').click();
  await page.getByText(/kept on this device/).waitFor({ state: 'hidden' });
  const file = await fileOf(page, world, client);
  const look = file.looks.find((one: { setup: { oneLeg?: string } }) => one.setup.oneLeg);
  expect(look).toMatchObject({
    setup: { oneLeg: 'left' },
    faults: [{ fault: 'knee-wobbles', side: 'left' }],
    notes: [{ phrase: 'holds-breath' }],
    hold: { runningSince: null },
  });
  expect(look.reps).toHaveLength(2);
  expect(look.reps[0]).toEqual({ downS: null, upS: null });
});

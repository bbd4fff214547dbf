import { unzipSync } from 'fflate';
import { SHIPPED_WORDING } from '@taxikine/core';
import { inPractice } from '../src';
import { ClientSummaryRow } from '../src/database/entities/ClientSummaryRow';
import { freshenLines } from '../src/today/freshenLines';
import { joined } from './joining';
import { archive, restore } from './restoring';
import { coach, keep, newClient, newVisit, stranger, useWorld, world } from './world';

useWorld();

const PATH = '/api/v1/practice/settings';
const practiceOf = async (agent: typeof coach) =>
  (await agent.get('/api/v1/session').expect(200)).body.practice;

it('what an owner decides is told to every coach with their session, and to no other practice', async () => {
  const { agent } = await joined();
  expect(await practiceOf(agent)).toMatchObject({ name: 'saltreach', idleMin: null });
  const settings = { name: 'Saltreach by the Sea', idleMin: 15 };
  expect((await coach.put(PATH).send(settings).expect(200)).body).toMatchObject(settings);
  expect(await practiceOf(agent)).toMatchObject(settings);
  expect(await practiceOf(stranger)).toMatchObject({ name: 'elsewhere', idleMin: null });
});

it.each([
  ['no name', { name: '  ', idleMin: null }, 'name'],
  ['a name that does not end', { name: 'x'.repeat(121), idleMin: null }, 'name'],
  ['a time that is not to be chosen', { name: 'x', idleMin: 7 }, 'idleMin'],
  ['nothing of the time', { name: 'x' }, 'idleMin'],
  ['units that nobody has', { name: 'x', idleMin: null, units: 'cubits' }, 'units'],
  ['a zone that is none', { name: 'x', idleMin: null, timeZone: 'Europe/Saltreach' }, 'timeZone'],
  ['a week that begins in its middle', { name: 'x', idleMin: null, weekStart: 'wed' }, 'weekStart'],
  [
    'a norm without its error',
    {
      name: 'x',
      idleMin: null,
      norms: { 'ankle-bend-knee-bent': { usual: [38, 5], restricted: [20, 5] } },
    },
    'norms.ankle-bend-knee-bent.sem',
  ],
])('%s is refused by its field', async (_what, settings, path) => {
  const { body } = await coach.put(PATH).send(settings).expect(422);
  expect(body.path).toBe(path);
});

const USUAL = { name: 'saltreach', idleMin: null } as const;

it('what is left out stays as it is', async () => {
  const norms = { 'ankle-bend-knee-bent': { usual: [38, 5], restricted: [20, 5], sem: 2 } };
  const all = { units: 'imperial', timeZone: 'America/Chicago', weekStart: 'sun', norms };
  await coach
    .put(PATH)
    .send({ ...USUAL, ...all })
    .expect(200);
  await coach
    .put(PATH)
    .send({ ...USUAL, units: 'metric' })
    .expect(200);
  expect(await practiceOf(coach)).toMatchObject({ ...all, units: 'metric' });
  expect(await practiceOf(stranger)).toMatchObject({ units: 'metric', timeZone: null, norms: {} });
  await coach
    .put(PATH)
    .send({ ...USUAL, norms: {}, timeZone: null })
    .expect(200);
  expect(await practiceOf(coach)).toMatchObject({ norms: {}, timeZone: null });
});

it('a look is due in the days of the practice', async () => {
  const client = newClient();
  const [openedOn, closedOn] = ['2026-11-24T01:30:00.000Z', '2026-11-24T02:30:00.000Z'];
  await keep('clients', client);
  await keep('visits', newVisit(client.id, { openedOn, closedOn }));
  const dueIn = async (timeZone: string | null) => {
    await coach
      .put(PATH)
      .send({ ...USUAL, timeZone })
      .expect(200);
    const [{ id }] = world.practices;
    await freshenLines(world.source, id);
    const line = await inPractice(world.source, id, (manager) =>
      manager.findOneByOrFail(ClientSummaryRow, { clientId: client.id }),
    );
    return line.dueOn;
  };
  expect(await dueIn(null)).toBe('2026-12-08');
  // Where it was the evening before.
  expect(await dueIn('America/Chicago')).toBe('2026-12-07');
  expect(await dueIn('Europe/Brussels')).toBe('2026-12-08');
});

describe('what clients agree to', () => {
  const WORDINGS = '/api/v1/practice/wordings';
  const word = async (text: string) =>
    (await coach.post(WORDINGS).send({ text }).expect(201)).body as { version: string };
  const FIRST = 'I agree that this practice keeps notes of how I move.';
  const SECOND = 'I agree that this practice keeps notes and pictures of how I move.';

  it('is as it was shipped until it is worded, and every wording stays', async () => {
    expect((await practiceOf(stranger)).wording).toBeNull();
    const first = await word(FIRST);
    const second = await word(SECOND);
    expect(new Set([first.version, second.version, SHIPPED_WORDING.version]).size).toBe(3);
    expect((await practiceOf(coach)).wording).toMatchObject({ ...second, text: SECOND });
    const { body } = await coach.get(WORDINGS).expect(200);
    expect(body.wordings.map(({ text }: { text: string }) => text)).toEqual([SECOND, FIRST]);
    expect((await stranger.get(WORDINGS).expect(200)).body.wordings).toEqual([]);
  });

  it.each([
    ['nothing', '   '],
    ['a word', 'I agree.'],
    ['a contract', 'x'.repeat(4001)],
  ])('%s is refused', async (_what, text) => {
    expect((await coach.post(WORDINGS).send({ text }).expect(422)).body.path).toBe('text');
  });

  it('cannot be changed, by whoever serves', async () => {
    const change = inPractice(world.source, world.practices[0].id, (manager) =>
      manager.query(`UPDATE consent_wording SET text = 'something else'`),
    );
    await expect(change).rejects.toThrow(/permission denied/);
  });

  it('goes with an archive to be read, and is not asked for where there is another', async () => {
    const client = newClient();
    await keep('clients', client);
    const { version } = await word(FIRST);
    const bytes = await archive(client.id);
    expect(
      JSON.parse(Buffer.from(unzipSync(bytes)['practice.json']).toString()).wordings.length,
    ).toBe(3);
    const theirs = 'They agree that another practice keeps these notes.';
    const { body } = await stranger.post(WORDINGS).send({ text: theirs }).expect(201);
    await restore(bytes, stranger);
    expect((await practiceOf(stranger)).wording).toMatchObject(body);
    const all = (await stranger.get(WORDINGS).expect(200)).body.wordings;
    expect(all).toContainEqual(expect.objectContaining({ version, text: FIRST }));
  });
});

import type { CheckRecord } from '@taxikine/core';
import { inPractice } from '../src';
import { rollUpClient } from '../src/retention/rollUpClient';
import { rollUpClients } from '../src/retention/rollUpClients';
import { rollUpPractice } from '../src/retention/rollUpPractice';
import { coach, keep, newClient, newVisit, signIn, useWorld, world } from './world';

useWorld();

const NOW = new Date('2026-11-23T12:00:00.000Z');
const reading = (
  visit: { id: string; clientId: string },
  degrees: number,
  part: Pick<CheckRecord, 'role' | 'doneOn'>,
) => ({
  id: crypto.randomUUID(),
  clientId: visit.clientId,
  visitId: visit.id,
  check: 'ankle-bend-knee-bent',
  side: 'left',
  passive: degrees,
  active: null,
  braced: null,
  result: null,
  felt: null,
  pinch: null,
  removed: false,
  ...part,
});

/** A client who gained so many degrees in one session and had so many of them a week later. */
async function withGain(gained: number, left: number): Promise<string> {
  const client = newClient();
  await keep('clients', client);
  const days = ['2026-11-02', '2026-11-09'];
  const [one, two] = days.map((day) => newVisit(client.id, { openedOn: `${day}T10:00:00.000Z` }));
  await keep('visits', one);
  await keep('visits', two);
  const at = (visit: { openedOn: string }, time: string) =>
    `${visit.openedOn.slice(0, 10)}T${time}:00.000Z`;
  await keep('checks', reading(one, 20, { role: 'first', doneOn: at(one, '10:05') }));
  await keep('checks', reading(one, 20 + gained, { role: 'again', doneOn: at(one, '10:40') }));
  await keep('checks', reading(two, 20 + left, { role: 'first', doneOn: at(two, '10:05') }));
  return client.id;
}

const roll = (clientId: string) =>
  rollUpClient(world.source, { practiceId: world.practices[0].id, clientId }, NOW);
const rollBatch = (clientIds: readonly string[]) =>
  rollUpClients(
    world.source,
    clientIds.map((clientId) => ({ practiceId: world.practices[0].id, clientId })),
    NOW,
  );
const rollAll = () => rollUpPractice(world.source, world.practices[0].id, NOW);
const shown = async () => (await coach.get('/api/v1/practice/retention').expect(200)).body;

it('is empty before anything was rolled up', async () => {
  expect(await shown()).toEqual({ checks: [], madeOn: null });
});

it('sums up what was left of the gains of all clients, and does it the same twice', async () => {
  const clients = [];
  for (const left of [4, 8, 12, 16]) clients.push(await withGain(20, left));
  for (const id of clients) await roll(id);
  await rollAll();
  expect((await shown()).checks).toMatchObject([
    { check: 'ankle-bend-knee-bent', gains: 4, clients: 4, within: 0, days: 7, share: null },
  ]);
  clients.push(await withGain(20, 20), await withGain(1, 1));
  for (let i = 0; i < 2; i++) {
    for (const id of clients) await roll(id);
    await rollAll();
  }
  const [ankle] = (await shown()).checks;
  expect(ankle).toMatchObject({ gains: 5, clients: 5, within: 1 });
  expect(ankle.share.middle).toBeCloseTo(0.6, 9);
});

it('a burst of measures gives one job, which the sum of the practice follows', async () => {
  const id = await withGain(20, 10);
  const jobs = (name: string, key: string): Promise<unknown[]> =>
    world.owner.query(
      `SELECT 1 FROM pgboss.job WHERE name = $1 AND singleton_key = $2 AND state = 'created'`,
      [name, key],
    );
  expect(await jobs('roll-up', `${world.practices[0].id}:${id}`)).toHaveLength(1);
  await rollBatch([id, id]);
  expect(
    await jobs('roll-up-practice', `${world.practices[0].id}:${world.practices[0].id}`),
  ).toHaveLength(1);
});

it('one of a batch that fails does not take the others with it', async () => {
  const ids = [await withGain(20, 10), 'no id at all', await withGain(20, 12)];
  expect((await rollBatch(ids)).map(({ status }) => status)).toEqual(['done', 'failed', 'done']);
  const rows = await inPractice(world.source, world.practices[0].id, (manager) =>
    manager.query('SELECT client_id FROM client_retention WHERE client_id = ANY($1)', [
      [ids[0], ids[2]],
    ]),
  );
  expect(rows).toHaveLength(2);
});

it('clients that were never rolled up are given out with the sum', async () => {
  const client = newClient();
  await keep('clients', client);
  await rollAll();
  const rows = await world.owner.query(
    `SELECT 1 FROM pgboss.job WHERE name = 'roll-up' AND singleton_key = $1`,
    [`${world.practices[0].id}:${client.id}`],
  );
  expect(rows).toHaveLength(1);
});

it('is its own practice’s', async () => {
  const stranger = await signIn(world, 'elsewhere');
  expect((await stranger.get('/api/v1/practice/retention').expect(200)).body.checks).toEqual([]);
});

import type { ClientLine } from '@taxikine/core';
import { Client } from '../src/database/entities/Client';
import { ClientSummaryRow } from '../src/database/entities/ClientSummaryRow';
import { inPractice } from '../src';
import { needSummaries } from '../src/today/keepSummary';
import { coach, newClient, newPlan, newVisit, signIn, useWorld, world, write } from './world';
import { newDose } from '../../core/tests/madeUp';

useWorld();

const list = async (query = '') =>
  (await coach.get(`/api/v1/clients${query}`).expect(200)).body as {
    clients: ClientLine[];
    next: number | null;
  };
const names = async (query: string) => (await list(query)).clients.map(({ client }) => client.name);

async function make(name: string, about = 'in a test') {
  const client = newClient({ name, about });
  await coach.put(`/api/v1/clients/${client.id}`).send(write(client)).expect(201);
  return client;
}

it('is in order of names, page by page, and each comes once', async () => {
  for (const name of ['Cora', 'Ada', 'Bea', 'Dora']) await make(name);
  const first = await list('?limit=3');
  expect(first.clients.map(({ client }) => client.name)).toEqual(['Ada', 'Bea', 'Cora']);
  expect(first.next).toBe(3);
  const rest = await list(`?limit=3&from=${first.next}`);
  expect(rest.clients.map(({ client }) => client.name)).toEqual(['Dora']);
  expect(rest.next).toBeNull();
});

it.each([
  ['by name', 'quay', ['Anselm Quay']],
  ['by work', 'LIGHTHOUSE', ['Anselm Quay']],
  ['a sign that SQL would read', '%', []],
  ['nothing of the kind', 'zzz', []],
])('is searched %s', async (_name, search, found) => {
  if ((await names('?search=Quay')).length === 0) await make('Anselm Quay', 'lighthouse keeper');
  expect(await names(`?search=${encodeURIComponent(search)}`)).toEqual(found);
});

it('follows what is written: a new name, a visit, pain from home first', async () => {
  const client = await make('Elin');
  await coach
    .put(`/api/v1/clients/${client.id}`)
    .send(write({ ...client, name: 'Elin Aas' }, 1))
    .expect(200);
  expect(await names('?search=aas')).toEqual(['Elin Aas']);
  const visit = newVisit(client.id, { closedOn: '2026-11-23T12:00:00.000Z' });
  await coach.put(`/api/v1/visits/${visit.id}`).send(write(visit)).expect(201);
  expect(await names('?filter=waiting&search=aas')).toEqual([]);
  expect(await names('?filter=waiting&search=aas&day=2026-12-07')).toEqual(['Elin Aas']);
  const plan = newPlan(visit);
  await coach.put(`/api/v1/homePlans/${plan.id}`).send(write(plan)).expect(201);
  expect(await names('?filter=home')).toEqual(['Elin Aas']);
  const { token } = (
    await coach
      .post(`/api/v1/clients/${client.id}/links`)
      .send({ purpose: 'page', days: 9 })
      .expect(201)
  ).body;
  const entry = newDose(plan.id, { done: 'partly', why: 'hurt', pain: 7 });
  await coach
    .post('/api/v1/home/entries')
    .set('Authorization', `Bearer ${token}`)
    .send({ entries: [entry] })
    .expect(201);
  const { clients } = await list('?filter=waiting&sort=urgency');
  expect(clients[0]).toMatchObject({
    client: { name: 'Elin Aas' },
    reports: [{ kind: 'stop', entry: { pain: 7 } }],
  });
});

it('writes that arrive together leave a line that has them all', async () => {
  const client = await make('Together');
  const visits = Array.from({ length: 12 }, () => newVisit(client.id));
  await Promise.all(
    visits.map((visit) => coach.put(`/api/v1/visits/${visit.id}`).send(write(visit)).expect(201)),
  );
  const { clients } = await list('?search=together');
  expect(clients[0].visits).toBe(12);
});

it.each([
  ['a sort that there is not', 'sort=mood', 'sort'],
  ['a page that is none', 'from=-1', 'from'],
  ['a day that is none', 'day=today', 'day'],
  ['a month that is none', 'day=2026-13-01', 'day'],
])('%s is refused by its field', async (_name, query, path) => {
  const { body } = await coach.get(`/api/v1/clients?${query}`).expect(422);
  expect(body.path).toBe(path);
});

it('another practice’s clients are in no list', async () => {
  const stranger = await signIn(world, 'elsewhere');
  expect((await stranger.get('/api/v1/clients')).body).toEqual({ clients: [], next: null });
});

it('clients of before there were lines get one', async () => {
  const client = await make('Old Hand');
  await world.owner.query('ALTER TABLE client_summary NO FORCE ROW LEVEL SECURITY');
  await world.owner.getRepository(ClientSummaryRow).delete({ clientId: client.id });
  await world.owner.query('ALTER TABLE client_summary FORCE ROW LEVEL SECURITY');
  // Written long ago: nothing marks them.
  await inPractice(world.source, world.practices[0].id, (manager) =>
    manager.query('DELETE FROM stale_line'),
  );
  expect(await names('?search=old')).toEqual([]);
  await needSummaries(world.owner);
  expect(await names('?search=old')).toEqual(['Old Hand']);
  expect(await world.owner.getRepository(Client).count()).toBe(0);
});

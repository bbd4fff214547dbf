import type { ClientRecord } from '@taxikine/core';
import { inPractice } from '../src';
import { joined } from './joining';
import {
  type Agent,
  coach,
  keep,
  newClient,
  newLook,
  newVisit,
  stranger,
  useWorld,
  world,
  write,
} from './world';

useWorld();

type Person = Awaited<ReturnType<typeof joined>>;

const pathOf = ({ id }: ClientRecord) => `/api/v1/clients/${id}/keeping`;
const keepTo = (as: Agent, client: ClientRecord, to: string | null) =>
  as.put(pathOf(client)).send({ to });

async function oneClient(name = 'Maren') {
  const client = newClient({ name });
  await keep('clients', client);
  return client;
}

/** A client kept to a coach, and another coach who sees nothing of them. */
async function kept() {
  const [keeper, other] = [await joined(), await joined()];
  const client = await oneClient();
  await keepTo(coach, client, keeper.id).expect(200);
  return { client, keeper, other };
}

const sees = async ({ agent }: Pick<Person, 'agent'>, client: ClientRecord) => {
  const { body } = await agent.get('/api/v1/clients?limit=100').expect(200);
  const isListed = body.clients.some(
    (one: { client: { id: string } }) => one.client.id === client.id,
  );
  const { status } = await agent.get(`/api/v1/clients/${client.id}/file`);
  expect(status).toBe(isListed ? 200 : 404);
  return isListed;
};

describe('a client who is kept to a coach', () => {
  it('is seen by that coach and the owners, and by nobody else', async () => {
    const { client, keeper, other } = await kept();
    const owner = await joined('owner');
    expect([await sees(keeper, client), await sees(owner, client)]).toEqual([true, true]);
    expect(await sees(other, client)).toBe(false);
    const { body } = await keeper.agent.get(pathOf(client)).expect(200);
    expect(body.keeper).toEqual({ id: keeper.id, name: 'Tobiah Renn' });
    await other.agent.get(pathOf(client)).expect(404);
    await keepTo(other.agent, client, null).expect(404);
  });

  it('is written to by nobody else, neither what is new nor what is known', async () => {
    const { client, keeper, other } = await kept();
    const visit = newVisit(client.id);
    const put = (who: Person, kind: string, record: { id: string }, version = 0) =>
      who.agent.put(`/api/v1/${kind}/${record.id}`).send(write(record, version));
    await put(other, 'visits', visit).expect(404);
    await put(keeper, 'visits', visit).expect(201);
    await put(other, 'looks', newLook(visit)).expect(404);
    await put(other, 'visits', { ...visit, step: 'look' } as typeof visit, 1).expect(404);
    await put(other, 'clients', client, 1).expect(404);
    await put(other, 'clients', client).expect(404);
    await put(keeper, 'clients', { ...client, about: 'sailmaker' } as typeof client, 1).expect(200);
  });

  it('is found again by all when opened', async () => {
    const { client, keeper, other } = await kept();
    await keepTo(keeper.agent, client, null).expect(200);
    expect(await sees(other, client)).toBe(true);
    expect((await other.agent.get(pathOf(client)).expect(200)).body.keeper).toBeNull();
  });

  it('is what every table with something of a client looks at', async () => {
    const rows = await world.owner.query(
      `SELECT c.table_name AS name FROM information_schema.columns c
       JOIN information_schema.tables t USING (table_schema, table_name)
       WHERE t.table_schema = 'public' AND t.table_type = 'BASE TABLE' AND c.column_name = 'client_id'
         AND NOT EXISTS (SELECT FROM pg_policies p
           WHERE p.tablename = c.table_name AND p.policyname = 'open_to_coach' AND p.permissive = 'RESTRICTIVE')`,
    );
    expect(rows).toEqual([{ name: 'kept_client' }]);
  });

  it('is nothing that a connection remembers', async () => {
    const { client, other } = await kept();
    const [{ id: practiceId }] = world.practices;
    const seenAs = (coachId?: string) =>
      inPractice(world.source, coachId ? { practiceId, coachId } : practiceId, (manager) =>
        manager.query('SELECT 1 FROM client WHERE id = $1', [client.id]),
      );
    for (let i = 0; i < 20; i++) {
      expect(await seenAs(other.id)).toHaveLength(0);
      expect(await seenAs()).toHaveLength(1);
    }
  });
});

describe('who keeps', () => {
  it('is a coach for themselves, and an owner for anybody', async () => {
    const [one, other] = [await joined(), await joined()];
    const client = await oneClient();
    const { body } = await keepTo(one.agent, client, other.id).expect(403);
    expect(body.code).toBe('owner-only');
    await keepTo(one.agent, client, one.id).expect(200);
    await keepTo(one.agent, client, other.id).expect(403);
    await keepTo(coach, client, other.id).expect(200);
    expect([await sees(one, client), await sees(other, client)]).toEqual([false, true]);
  });

  it.each([
    ['somebody of another practice', () => world.practices[1].coaches[0].id, 422],
    ['nobody', () => crypto.randomUUID(), 422],
    ['no id', () => 'Tobiah', 422],
  ])('is not %s', async (_who, to, status) => {
    const client = await oneClient();
    const { body } = await keepTo(coach, client, to()).expect(status);
    expect(body.path).toBe('to');
  });

  it('is of the practice', async () => {
    const client = await oneClient();
    await keepTo(stranger, client, null).expect(404);
    await keepTo(stranger, client, world.practices[1].coaches[0].id).expect(404);
  });
});

describe('somebody leaves', () => {
  const leave = (id: string, handTo?: string | null) =>
    coach.put(`/api/v1/people/${id}`).send({ role: 'coach', ended: true, handTo });

  it('not before it is said who has their clients, and then nobody is lost', async () => {
    const { client, keeper, other } = await kept();
    const { body } = await leave(keeper.id).expect(422);
    expect(body).toMatchObject({ code: 'hand-over-first', path: 'handTo' });
    await keeper.agent.get('/api/v1/session').expect(200);
    await leave(keeper.id, keeper.id).expect(422);
    await leave(keeper.id, world.practices[1].coaches[0].id).expect(422);
    await leave(keeper.id, other.id).expect(204);
    expect(await sees(other, client)).toBe(true);
    expect((await coach.get(pathOf(client)).expect(200)).body.keeper.id).toBe(other.id);
    await keepTo(coach, client, keeper.id).expect(422);
  });

  it('and all see who was theirs', async () => {
    const { client, keeper, other } = await kept();
    await leave(keeper.id, 'all').expect(204);
    expect(await sees(other, client)).toBe(true);
    expect((await coach.get(pathOf(client)).expect(200)).body.keeper).toBeNull();
  });

  it('without a word where nobody is kept to them', async () => {
    const { id } = await joined();
    await leave(id).expect(204);
  });
});

import { USUAL_SETUP } from '@taxikine/core';
import { makeWorld, newClient, signIn, write, type World } from './world';

let world: World;
beforeAll(async () => {
  world = await makeWorld();
});
afterAll(() => world.close());

/** A column of every client, seen past the policies as nobody but a test's owner may. */
async function column(name: string): Promise<unknown[]> {
  await world.owner.query('ALTER TABLE client NO FORCE ROW LEVEL SECURITY');
  const rows: Record<string, unknown>[] = await world.owner.query(
    `SELECT ${name} FROM client ORDER BY name`,
  );
  await world.owner.query('ALTER TABLE client FORCE ROW LEVEL SECURITY');
  return rows.map((row) => row[name]);
}

it('the set-up a client had becomes the squat’s, in every practice, and comes back', async () => {
  const setup = { ...USUAL_SETUP, stanceCm: 44 };
  for (const practice of ['saltreach', 'elsewhere']) {
    const coach = await signIn(world, practice);
    for (const client of [
      newClient({ name: `a ${practice}`, setups: { squat: setup } }),
      newClient({ name: `b ${practice}` }),
    ])
      await coach.put(`/api/v1/clients/${client.id}`).send(write(client)).expect(201);
  }
  await world.owner.undoLastMigration();
  expect(await column('setup')).toEqual([setup, setup, null, null]);
  await world.owner.runMigrations();
  expect(await column('setups')).toEqual([{ squat: setup }, { squat: setup }, {}, {}]);
});

it('the policies still hold for the owner after a migration', async () => {
  const [{ forced }] = await world.owner.query(
    "SELECT relforcerowsecurity AS forced FROM pg_class WHERE relname = 'client'",
  );
  expect(forced).toBe(true);
});

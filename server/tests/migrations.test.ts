import { KIT, NO_WISH, oneDrill, USUAL_SETUP, type ClientRecord } from '@taxikine/core';
import { coach, newClient, newDrill, newVisit, signIn, useWorld, world, write } from './world';

useWorld();

/** A column of every client, seen past the policies as nobody but a test's owner may. */
async function column(name: string): Promise<unknown[]> {
  await world.owner.query('ALTER TABLE client NO FORCE ROW LEVEL SECURITY');
  const rows: Record<string, unknown>[] = await world.owner.query(
    `SELECT ${name} FROM client WHERE name <> 'Bo' ORDER BY name`,
  );
  await world.owner.query('ALTER TABLE client FORCE ROW LEVEL SECURITY');
  return rows.map((row) => row[name]);
}

/** Takes migrations back, the newest first, up to and with the named one. */
async function backTo(name: string): Promise<void> {
  for (;;) {
    const [last]: { name: string }[] = await world.owner.query(
      'SELECT name FROM migrations ORDER BY id DESC LIMIT 1',
    );
    await world.owner.undoLastMigration();
    if (last.name.startsWith(name)) return;
  }
}

it('a client of before the first meeting was asked in full has asked nothing, and comes back', async () => {
  const client = newClient({ name: 'Bo', goal: 'to squat', approach: 'ground-up' });
  await coach.put(`/api/v1/clients/${client.id}`).send(write(client)).expect(201);
  await backTo('LookAndCheckInFull');
  await world.owner.runMigrations();
  const { body } = await coach.get(`/api/v1/clients/${client.id}/file`).expect(200);
  expect(body.client).toMatchObject({
    name: 'Bo',
    goal: '',
    approach: 'blended',
    home: { kit: [], minutes: null, days: [] },
  });
});

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
  await backTo('SetupPerPattern');
  expect(await column('setup')).toEqual([setup, setup, null, null]);
  await world.owner.runMigrations();
  expect(await column('setups')).toEqual([{ squat: setup }, { squat: setup }, {}, {}]);
});

it('a drill of before doses were kept was done as the library doses it', async () => {
  const coach = await signIn(world, 'saltreach');
  const client = newClient({ name: 'Bo' });
  const visit = newVisit(client.id);
  const drill = newDrill(visit, { drill: 'knee-over-outer-toes', side: 'left', form: 'easier' });
  await coach.put(`/api/v1/clients/${client.id}`).send(write(client)).expect(201);
  await coach.put(`/api/v1/visits/${visit.id}`).send(write(visit)).expect(201);
  await coach.put(`/api/v1/drills/${drill.id}`).send(write(drill)).expect(201);
  await backTo('SessionsInFull');
  await world.owner.runMigrations();
  const { body } = await coach.get(`/api/v1/clients/${client.id}/file`).expect(200);
  expect(body.drills).toMatchObject([
    { dose: oneDrill('knee-over-outer-toes').dose, form: 'usual', log: [], keep: null },
  ]);
  expect(body.visits[0]).toMatchObject({ wish: NO_WISH, kit: KIT.map(({ id }) => id) });
});

it('a wish of before there were ladders has no rungs, and gets them', async () => {
  const coach = await signIn(world, 'saltreach');
  const client = newClient({ name: 'Bo' });
  const visit = newVisit(client.id, { wish: { ...NO_WISH, order: ['tall-march@left'] } });
  await coach.put(`/api/v1/clients/${client.id}`).send(write(client)).expect(201);
  await coach.put(`/api/v1/visits/${visit.id}`).send(write(visit)).expect(201);
  await backTo('LaddersAndOwnDrills');
  await world.owner.query('ALTER TABLE visit NO FORCE ROW LEVEL SECURITY');
  const [{ wish }] = await world.owner.query('SELECT wish FROM visit WHERE id = $1', [visit.id]);
  await world.owner.query('ALTER TABLE visit FORCE ROW LEVEL SECURITY');
  expect(wish).not.toHaveProperty('rungs');
  await world.owner.runMigrations();
  const { body } = await coach.get(`/api/v1/visits/${visit.id}`).expect(200);
  expect(body.record.wish).toEqual({ ...NO_WISH, order: ['tall-march@left'] });
});

it('a client whose hips were taped as flesh can be changed again; bone stays', async () => {
  const coach = await signIn(world, 'saltreach');
  const [flesh, bone] = [newClient({ name: 'Bo' }), newClient({ name: 'Bo' })];
  for (const client of [flesh, bone])
    await coach
      .put(`/api/v1/clients/${client.id}`)
      .send(write({ ...client, segments: { thighM: 0.43, hipWidthM: 0.19 } }))
      .expect(201);
  await backTo('HipJoints');
  await world.owner.query(
    `BEGIN; SELECT set_config('app.practice_id', '${world.practices[0].id}', true);
     UPDATE client SET segments = segments || '{"hipWidthM": 0.33}' WHERE id = '${flesh.id}'; COMMIT`,
  );
  await world.owner.runMigrations();
  const read = async (id: string) =>
    (await coach.get(`/api/v1/clients/${id}`).expect(200)).body.record as ClientRecord & {
      version: number;
    };
  expect((await read(bone.id)).segments).toEqual({ thighM: 0.43, hipWidthM: 0.19 });
  const { version, ...record } = await read(flesh.id);
  expect(record.segments).toEqual({ thighM: 0.43 });
  await coach
    .put(`/api/v1/clients/${flesh.id}`)
    .send(write({ ...record, goal: 'to squat' }, version))
    .expect(200);
});

it('the policies still hold for the owner after a migration', async () => {
  const [{ forced }] = await world.owner.query(
    "SELECT relforcerowsecurity AS forced FROM pg_class WHERE relname = 'client'",
  );
  expect(forced).toBe(true);
});

import { NO_WISH, type OwnDrillRecord, type RoomRecord } from '@taxikine/core';
import { newOwnDrill } from './oneOfEach';
import {
  type Agent,
  coach,
  newClient,
  newDrill,
  newLook,
  newVisit,
  stranger,
  useWorld,
  world,
  write,
  SHARP_KNEE,
} from './world';

useWorld();

const put = (who: Agent, kind: string, record: { id: string }, version = 0) =>
  who.put(`/api/v1/${kind}/${record.id}`).send(write(record, version));

const fileOf = async (who: Agent) => (await who.get('/api/v1/practice/file').expect(200)).body;

it('a coach’s own drill is there for the whole practice, and for no other', async () => {
  const drill = newOwnDrill();
  await put(coach, 'ownDrills', drill).expect(201);
  expect((await fileOf(coach)).ownDrills).toEqual([{ ...drill, version: 1 }]);
  expect((await fileOf(stranger)).ownDrills).toEqual([]);
  await stranger.get(`/api/v1/ownDrills/${drill.id}`).expect(404);
  await put(stranger, 'ownDrills', drill, 1).expect(404);
});

it('a drill that is wrong is refused, naming the field', async () => {
  const { body } = await put(coach, 'ownDrills', newOwnDrill({ name: '' })).expect(422);
  expect(JSON.stringify(body)).toMatch(/name/);
});

it('the room has the practice’s own id, and there is one', async () => {
  const [ours] = world.practices;
  const weights = { dumbbells: [{ kg: 4, count: 2 }], plates: [], handles: 0, handleKg: 2 };
  const room: RoomRecord = { id: ours.id, weights };
  await put(coach, 'rooms', { id: crypto.randomUUID(), weights } as RoomRecord).expect(422);
  await put(coach, 'rooms', room).expect(201);
  expect((await fileOf(coach)).rooms).toEqual([{ ...room, version: 1 }]);
  await put(stranger, 'rooms', room, 1).expect(404);
  const twice = { ...weights, dumbbells: [...weights.dumbbells, ...weights.dumbbells] };
  await put(coach, 'rooms', { id: ours.id, weights: twice } as RoomRecord, 1).expect(422);
});

async function visitOf(flags: ('neuropathy' | 'osteoporosis')[] = []) {
  const client = newClient({ flags });
  const visit = newVisit(client.id);
  await put(coach, 'clients', client).expect(201);
  await put(coach, 'visits', visit).expect(201);
  return { client, visit };
}

it('a deleted drill stays in the session it was done in, as it was', async () => {
  const { client, visit } = await visitOf();
  const { removed: _, ...own } = newOwnDrill();
  await put(coach, 'ownDrills', { ...own, removed: false } as OwnDrillRecord).expect(201);
  const done = newDrill(visit, { drill: own.id, own, side: 'left', dose: own.dose });
  await put(coach, 'drills', done).expect(201);
  await put(
    coach,
    'ownDrills',
    { ...own, name: 'Something else', removed: true } as OwnDrillRecord,
    1,
  ).expect(200);
  const { body } = await coach.get(`/api/v1/clients/${client.id}/file`).expect(200);
  expect(body.drills[0].own).toEqual(own);
});

it('no rung of a ladder that a flag or a pain of its visit speaks against, whoever asks', async () => {
  const rung = (id: string) => ({ rung: id, kg: null, met: null });
  const drill = 'front-foot-high-split';
  const { visit } = await visitOf(['neuropathy']);
  const loaded = newDrill(visit, { drill, side: 'left', rung: rung('sides-5') });
  expect((await put(coach, 'drills', loaded).expect(422)).body).toMatchObject({
    code: 'blocked',
    path: 'rung.rung',
  });
  const noHand = newDrill(visit, { drill, side: 'left', rung: rung('heel-down') });
  expect((await put(coach, 'drills', noHand).expect(422)).body).toMatchObject({
    code: 'blocked',
    message: expect.stringContaining('hand on a support'),
  });
  const held = newDrill(visit, { drill, side: 'left', rung: rung('floor-hand') });
  await put(coach, 'drills', held).expect(201);
  const higher = { ...held, rung: rung('heel-down') };
  await put(coach, 'drills', higher, 1).expect(422);
  const other = await visitOf();
  await put(
    coach,
    'drills',
    newDrill(other.visit, { drill, side: 'left', rung: rung('sides-5') }),
  ).expect(201);
  const hurts = await visitOf();
  await put(
    coach,
    'looks',
    newLook(hurts.visit, { pain: [{ ...SHARP_KNEE, kind: 'ache', score: 4 }] }),
  ).expect(201);
  const alone = newDrill(hurts.visit, { drill, side: 'left', rung: rung('floor-free') });
  expect((await put(coach, 'drills', alone).expect(422)).body).toMatchObject({ path: 'rung.rung' });
});

const dose = { by: 'hold', seconds: 60, sets: 2 } as const;

it('no drill is planned that a flag keeps out, whoever asks; one that was planned before is still done with', async () => {
  const { client, visit } = await visitOf();
  const fold = newDrill(visit, { drill: 'floor-sit-fold', side: 'left', dose });
  await put(coach, 'drills', fold).expect(201);
  const flagged = { ...client, flags: ['osteoporosis'] };
  await put(coach, 'clients', flagged as typeof client, 1).expect(200);
  await put(coach, 'drills', { ...fold, place: 3 } as typeof fold, 1).expect(200);
  await put(coach, 'drills', { ...fold, side: 'right' } as typeof fold, 2).expect(422);
  const again = newDrill(visit, { drill: 'floor-sit-fold', side: 'right', dose });
  expect((await put(coach, 'drills', again).expect(422)).body).toMatchObject({
    code: 'blocked',
    path: 'drill',
    message: 'Not for this client: osteoporosis: no rounding or twisting of the back.',
  });
  // What was done on a device that did not know is told, not denied.
  const done = { ...again, status: 'done', doneOn: '2026-01-01T10:00:00.000Z' };
  await put(coach, 'drills', done as typeof again).expect(201);
});

it('no drill is planned on what was told to hurt in its visit, and the other side is', async () => {
  const { visit } = await visitOf();
  await put(coach, 'looks', newLook(visit, { pain: [SHARP_KNEE] })).expect(201);
  const pull = (side: 'left' | 'right') =>
    newDrill(visit, {
      drill: 'heel-to-seat-pull',
      side,
      dose: { by: 'reps', reps: 8, sets: 2, secondsEach: 6 },
    });
  expect((await put(coach, 'drills', pull('left')).expect(422)).body).toMatchObject({
    code: 'blocked',
    path: 'drill',
  });
  await put(coach, 'drills', pull('right')).expect(201);
});

it('what was carried before the flag was known stays, and can still be decided on', async () => {
  const { client, visit } = await visitOf();
  const carried = newDrill(visit, {
    drill: 'front-foot-high-split',
    side: 'left',
    status: 'done',
    rung: { rung: 'sides-5', kg: 4, met: [] },
  });
  await put(coach, 'drills', carried).expect(201);
  await put(coach, 'clients', { ...client, flags: ['neuropathy'] } as typeof client, 1).expect(200);
  await put(coach, 'drills', { ...carried, keep: 'drop' } as typeof carried, 1).expect(200);
});

it('the database shows drills and rooms to nobody without a practice', async () => {
  for (const table of ['own_drill', 'room']) {
    const [{ count }] = await world.source.query(`SELECT count(*)::int AS count FROM ${table}`);
    expect(count).toBe(0);
  }
});

it('a visit of an app from before there were wishes is taken, and gets them', async () => {
  const { client, visit } = await visitOf();
  const { wish: _, kit: __, opinions: ___, ...rest } = newVisit(client.id, { id: visit.id });
  const { body } = await put(coach, 'visits', rest, 1).expect(200);
  expect(body.record).toMatchObject({ wish: NO_WISH, opinions: [] });
});

it('a wish of before there were ladders comes without rungs, and gets them', async () => {
  const { client, visit } = await visitOf();
  const { rungs: _, ...wish } = NO_WISH;
  const old = newVisit(client.id, { id: visit.id, wish: wish as typeof NO_WISH });
  const { body } = await put(coach, 'visits', old, 1).expect(200);
  expect(body.record.wish).toEqual(NO_WISH);
});

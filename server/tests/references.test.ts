import {
  RECORD_KINDS,
  USUAL_SETUP,
  type ImageRecord,
  type MessageRecord,
  type PictureRecord,
  type ProbeRecord,
  type RecordKind,
  type VisitRecord,
} from '@taxikine/core';
import {
  type Agent,
  coach,
  newClient,
  newDrill,
  newLook,
  newPlan,
  newVisit,
  stranger,
} from './world';
import { useWorld, write } from './world';

useWorld();

const NOW = '2026-11-23T11:00:00.000Z';
const BARE = Buffer.from([0xff, 0xd8, 0xff, 0xdb, 0, 4, 1, 2, 0xff, 0xda, 0, 2]).toString('base64');

const on = ({ id: visitId, clientId }: VisitRecord) => ({
  id: crypto.randomUUID(),
  clientId,
  visitId,
});

/** One of each kind that hangs on something else, of a visit and its plan. */
const HANGING: Partial<Record<RecordKind, (visit: VisitRecord, planId: string) => { id: string }>> =
  {
    visits: ({ clientId }) => newVisit(clientId),
    looks: (visit) => newLook(visit),
    probes: (visit): ProbeRecord => ({
      ...on(visit),
      probe: 'heels-up',
      setup: USUAL_SETUP,
      outcomes: [],
      doneOn: NOW,
      removed: false,
    }),
    checks: (visit) => ({
      ...on(visit),
      role: 'first',
      check: 'ankle-bend-knee-bent',
      side: 'left',
      passive: 30,
      active: null,
      braced: null,
      result: null,
      felt: null,
      pinch: null,
      doneOn: NOW,
      removed: false,
    }),
    drills: (visit) => newDrill(visit),
    pictures: (visit): PictureRecord => ({
      ...on(visit),
      role: 'first',
      view: 'side',
      phase: 'bottom',
      width: 600,
      height: 800,
      marks: {},
      plumb: null,
      scale: null,
      imageWrites: 1,
      kept: true,
      takenOn: NOW,
      removed: false,
    }),
    images: (visit): ImageRecord => ({ ...on(visit), jpeg: BARE }),
    homePlans: (visit) => newPlan(visit),
    messages: ({ clientId }, planId): Partial<MessageRecord> & { id: string } => ({
      id: crypto.randomUUID(),
      clientId,
      kind: 'plan-ready',
      planId,
      dueOn: null,
      askedOn: NOW,
    }),
  };
const KINDS = Object.keys(HANGING) as (keyof typeof HANGING)[];

const put = (who: Agent, kind: string, record: { id: string }) =>
  who.put(`/api/v1/${kind}/${record.id}`).send(write(record));

/** A client of somebody's with a visit and a plan. */
async function clientOf(who: Agent) {
  const contact = { email: 'somebody@saltreach.example', reminders: false };
  const client = newClient({ contact });
  const visit = newVisit(client.id);
  const plan = newPlan(visit);
  await put(who, 'clients', client).expect(201);
  await put(who, 'visits', visit).expect(201);
  await put(who, 'homePlans', plan).expect(201);
  return { visit, plan };
}

it('every kind but what hangs on nothing is here', () => {
  const alone = ['clients', 'ownDrills', 'rooms'];
  expect(KINDS.slice().sort()).toEqual(RECORD_KINDS.filter((kind) => !alone.includes(kind)).sort());
});

describe.each(KINDS)('what hangs on something else: %s', (kind) => {
  const make = HANGING[kind]!;
  let own: Awaited<ReturnType<typeof clientOf>>;
  beforeAll(async () => {
    own = await clientOf(coach);
  });

  /** Nothing is kept of it, and it is said. */
  async function isRefused(record: { id: string }) {
    const { status } = await put(coach, kind, record);
    expect([404, 422]).toContain(status);
    await coach.get(`/api/v1/${kind}/${record.id}`).expect(404);
  }

  it('is taken where all is ours', async () => {
    const record = make(own.visit, own.plan.id);
    await put(coach, kind, record).expect(201);
    const { body } = await coach.get(`/api/v1/${kind}/${record.id}`).expect(200);
    expect(body.record.version).toBe(1);
  });

  it('is refused where all is another practice’s', async () => {
    const theirs = await clientOf(stranger);
    await isRefused(make(theirs.visit, theirs.plan.id));
  });

  if (kind === 'visits') return;
  it.each([
    ['another practice', () => stranger],
    ['another client of ours', () => coach],
  ])('is refused where the client is ours, and the rest is of %s', async (_, whose) => {
    const other = await clientOf(whose());
    const { clientId } = own.visit;
    await isRefused(make({ ...other.visit, clientId }, other.plan.id));
  });
});

import { RECORD_KINDS, type VisitRecord } from '@taxikine/core';
import { ONE_OF_EACH } from './oneOfEach';
import {
  type Agent,
  coach,
  newClient,
  newPlan,
  newVisit,
  stranger,
  useWorld,
  world,
  write,
} from './world';

useWorld();

/** What hangs on nothing but its practice. */
const ALONE = ['clients', 'ownDrills', 'rooms'];
const KINDS = RECORD_KINDS.filter((kind) => !ALONE.includes(kind));

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

describe.each(KINDS)('what hangs on something else: %s', (kind) => {
  const make = (visit: VisitRecord, planId: string) =>
    ONE_OF_EACH[kind]({ visit, planId, practiceId: world.practices[0].id });
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

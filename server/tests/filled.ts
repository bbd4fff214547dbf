import { coach, keep, newClient, newDrill, newLook, newPlan, newVisit, world } from './world';
import { newDose } from '../../core/tests/madeUp';

/** A client with something in every table there is. */
export async function everything() {
  const client = newClient({ name: 'Signe Lund' });
  const visit = newVisit(client.id);
  const plan = newPlan(visit);
  await keep('clients', client);
  await keep('visits', visit);
  await keep(
    'looks',
    newLook(visit, {
      faults: [{ fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain' }],
    }),
  );
  await keep('drills', newDrill(visit));
  await keep('homePlans', plan);
  const { token } = (
    await coach
      .post(`/api/v1/clients/${client.id}/links`)
      .send({ purpose: 'page', days: 9 })
      .expect(201)
  ).body;
  const entry = newDose(plan.id, { name: '=HYPERLINK("x")', pain: 2 });
  await coach
    .post('/api/v1/home/entries')
    .set('Authorization', `Bearer ${token}`)
    .send({ entries: [entry] })
    .expect(201);
  return { client, visit, plan, token };
}

/** A client to whom a letter is on its way. */
export async function writtenTo() {
  const client = newClient({
    name: 'Signe Lund',
    contact: { email: 'signe@lund.example', reminders: false },
  });
  const visit = newVisit(client.id);
  const plan = newPlan(visit);
  const letter = {
    id: crypto.randomUUID(),
    clientId: client.id,
    kind: 'plan-ready',
    planId: plan.id,
    dueOn: null,
    askedOn: '2026-11-23T12:00:00.000Z',
  };
  await keep('clients', client);
  await keep('visits', visit);
  await keep('homePlans', plan);
  await keep('messages', letter);
  return { client, letter };
}

/** Queues in which something about a client, or a letter, waits. */
export const waiting = async (id: string): Promise<string[]> =>
  (
    await world.owner.query(
      `SELECT name FROM pgboss.job WHERE data::text LIKE $1 AND state = 'created' ORDER BY name`,
      [`%${id}%`],
    )
  ).map(({ name }: { name: string }) => name);

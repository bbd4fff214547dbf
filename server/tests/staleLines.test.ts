import { SUMMARY_READS } from '@taxikine/core';
import { inPractice } from '../src';
import {
  coach,
  keep,
  newClient,
  newDrill,
  newLook,
  newPlan,
  newVisit,
  useWorld,
  world,
} from './world';

useWorld();

const own = <T>(work: Parameters<typeof inPractice<T>>[2]) =>
  inPractice(world.source, world.practices[0].id, work);
const stale = () =>
  own(async (manager) =>
    (await manager.query('SELECT client_id FROM stale_line')).map(
      (row: { client_id: string }) => row.client_id,
    ),
  );
const list = async (query = '') =>
  (await coach.get(`/api/v1/clients${query}`).expect(200)).body.clients as {
    client: { name: string };
    visits: number;
  }[];
async function withVisit(name: string) {
  const client = newClient({ name });
  const visit = newVisit(client.id);
  await keep('clients', client);
  await keep('visits', visit);
  return { client, visit };
}

it('a write marks the line and no more; the list works it out, once for all of them', async () => {
  const { client, visit } = await withVisit('Marked');
  await keep('looks', newLook(visit));
  expect(await stale()).toEqual([client.id]);
  const [line] = await list('?search=marked');
  expect(line.visits).toBe(1);
  expect(await stale()).toEqual([]);
});

it.each([
  ['probes', false],
  ['checks', false],
  ['pictures', false],
  ['drills', true],
  ['homePlans', true],
])('%s in a line: %s, in the database as in core', async (kind, marks) => {
  expect((SUMMARY_READS as readonly string[]).includes(kind)).toBe(marks);
  const tables = { checks: 'check_result', drills: 'drill_log', homePlans: 'home_plan' };
  const table = (tables as Record<string, string>)[kind] ?? kind.slice(0, -1);
  const rows: { name: string }[] = await world.owner.query(
    `SELECT tgname AS name FROM pg_trigger WHERE tgrelid = $1::regclass AND tgname = 'mark_line'`,
    [table],
  );
  expect(rows.length > 0).toBe(marks);
});

it('a drill and a plan for home show in the line', async () => {
  const { client, visit } = await withVisit('Busy');
  await list();
  await keep('drills', newDrill(visit));
  expect(await stale()).toEqual([client.id]);
  await list();
  await keep('homePlans', newPlan(visit));
  expect(await stale()).toEqual([client.id]);
});

it('a write that is under way when the line is worked out marks it for the next reading', async () => {
  const { client } = await withVisit('Under way');
  await list();
  let begun = () => undefined as void;
  let goOn = () => undefined as void;
  const isBegun = new Promise<void>((resolve) => (begun = resolve));
  const mayGoOn = new Promise<void>((resolve) => (goOn = resolve));
  const writing = own(async (manager) => {
    await manager.query(`UPDATE client SET name = 'Late', version = version + 1 WHERE id = $1`, [
      client.id,
    ]);
    begun();
    await mayGoOn;
  });
  await isBegun;
  // Not held up by it, and not misled: the line of before it.
  expect((await list('?search=under')).map((line) => line.client.name)).toEqual(['Under way']);
  goOn();
  await writing;
  expect((await list('?search=late')).map((line) => line.client.name)).toEqual(['Late']);
});

it('the marks of one practice are not another’s', async () => {
  await withVisit('Ours');
  const theirs = await inPractice(world.source, world.practices[1].id, (manager) =>
    manager.query('SELECT * FROM stale_line'),
  );
  expect(theirs).toEqual([]);
});

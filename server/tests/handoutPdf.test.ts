import { handoutOf, oneDrill } from '@taxikine/core';
import {
  coach,
  fileFrom,
  newClient,
  newPlan,
  newVisit,
  signIn,
  useWorld,
  workOn,
  world,
  write,
} from './world';

useWorld({ beside: workOn });

const MORE = ['hip-rock-back', 'seated-leg-turns', 'mid-back-turns'];

async function planned(extra: readonly string[] = []) {
  const client = newClient({ name: 'Bożena Łukasik' });
  const visit = newVisit(client.id);
  const plan = newPlan(visit);
  const drills = extra.map((drill) => ({
    ...plan.drills[0],
    drill,
    dose: oneDrill(drill).dose,
    side: oneDrill(drill).oneSided ? ('left' as const) : null,
  }));
  const full = { ...plan, minutes: 40, drills: [...plan.drills, ...drills] };
  await coach.put(`/api/v1/clients/${client.id}`).send(write(client)).expect(201);
  await coach.put(`/api/v1/visits/${visit.id}`).send(write(visit)).expect(201);
  await coach.put(`/api/v1/homePlans/${plan.id}`).send(write(full)).expect(201);
  return { client, plan: full };
}

async function pdfOf(clientId: string, print: string) {
  const path = `/api/v1/clients/${clientId}/handout.pdf?print=${print}`;
  const { bytes, headers } = await fileFrom(coach, path);
  const text = bytes.toString('latin1');
  return { headers, text, pages: text.match(/\/Type\s*\/Page[^s]/g)!.length };
}

it('five drills are on one or two pages, in large print on more', async () => {
  const { client } = await planned(MORE);
  const usual = await pdfOf(client.id, 'usual');
  expect(usual.headers['content-type']).toBe('application/pdf');
  expect(usual.pages).toBeLessThanOrEqual(2);
  expect((await pdfOf(client.id, 'large')).pages).toBeGreaterThan(usual.pages);
});

it('every drill that is in the week has a number, and the grid tells no other', async () => {
  const { plan } = await planned(MORE);
  const { drills, grid } = handoutOf(plan, [], { flags: plan.flags });
  expect(drills.map(({ number }) => number)).toEqual([1, 2, 3, 4, 5]);
  const told = new Set(grid.flatMap(({ sittings }) => sittings.flatMap(({ numbers }) => numbers)));
  expect([...told].sort()).toEqual([1, 2, 3, 4, 5]);
});

it.each([
  ['no plan', async () => crypto.randomUUID(), 'usual', 404],
  ['a print there is not', async () => (await planned()).client.id, 'huge', 422],
] as const)('%s', async (_name, id, print, status) => {
  await coach.get(`/api/v1/clients/${await id()}/handout.pdf?print=${print}`).expect(status);
});

it('another practice’s handout is not there', async () => {
  const { client } = await planned();
  const stranger = await signIn(world, 'elsewhere');
  await stranger.get(`/api/v1/clients/${client.id}/handout.pdf`).expect(404);
});

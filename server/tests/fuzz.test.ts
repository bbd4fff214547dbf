import type { RecordKind } from '@taxikine/core';
import fc from 'fast-check';
import type Joi from 'joi';
import type { Test } from 'supertest';
import { everything } from './filled';
import { AppError } from '../src/ground/errors';
import { confirmSchema, passwordSchema } from '../src/http/accountRoutes';
import { foundingSchema } from '../src/http/foundingRoutes';
import { input as read } from '../src/http/input';
import { signInSchema } from '../src/http/sessionRoutes';
import { welcomeSchema } from '../src/http/welcomeRoutes';
import { joined } from './joining';
import { ONE_OF_EACH } from './oneOfEach';
import { routesIn, type Route } from './routesIn';
import { type Agent, coach, useWorld, world, write } from './world';

useWorld({ madeWithinMs: 20 });

/** All of them in `npm run test:long`. */
const TRIES = process.env.TEST_LONG === '1' ? 6000 : 500;
const SEED = 20261201;
/** Of the processor, for the server, the test and what is between them. */
const MOST_MS = 200;
/** Until the code that runs has been compiled. */
const WARM = 100;

const nameOf = ({ method, path }: Route): string => `${method} ${path}`;

/** Not asked here, and why. */
const NOT_ASKED: Readonly<Record<string, string>> = {
  'get /changes': 'does not end',
  'get /openapi.json': 'takes no input, and is built once',
  'get /case.schema.json': 'the same',
  'post /session': 'a password is meant to take its time: its schema alone is, below',
  'post /account/confirm': 'the same',
  'post /account/password': 'the same',
  'post /welcome': 'the same',
  'post /founding': 'the same',
  'delete /session': 'ends what asks',
  'delete /account/sessions': 'ends what others ask with',
};

let deep: unknown = 'deep';
for (let i = 0; i < 60; i++) deep = [deep];

/** What no coach's app sends. */
const ODD: readonly unknown[] = [
  ...[null, true, '', ' ', '\u0000', '\ud800', 'x'.repeat(4000), '﷽'.repeat(200)],
  ...[0, -0, -1, 1.5, 2 ** 53, 1e308, -1e308, Number.MIN_VALUE],
  ...['2026-02-30', '-271821-04-20T00:00:00.000Z', '2026-12-01T25:00:00Z', '12:60', 'NaN'],
  ...['00000000-0000-0000-0000-000000000000', "'; DROP TABLE client; --", '../../etc', '%00', '$1'],
  ...[[], {}, [[]], [null], { __proto__: { x: 1 } }, JSON.parse('{"__proto__":{"x":1}}')],
  ...[{ constructor: { prototype: 1 } }, Array(300).fill(0), deep, Array(200).fill({ id: 'x' })],
];

/** More of them thrice over would be the test's own work, and is refused by its size. */
const MANY = 20;

type Step = {
  readonly at: number;
  readonly how: 'put' | 'drop' | 'add' | 'many';
  readonly odd: number;
};

/** Every place in a value that can be changed, the whole of it first. */
const placesIn = (value: unknown, path: readonly string[] = []): string[][] => [
  [...path],
  ...(value && typeof value === 'object'
    ? Object.entries(value).flatMap(([key, one]) => placesIn(one, [...path, key]))
    : []),
];

function changed(value: unknown, { at, how, odd }: Step): unknown {
  const places = placesIn(value);
  const path = places[at % places.length];
  const whole = structuredClone({ body: value }) as { body: unknown };
  const full = ['body', ...path];
  const holder = full
    .slice(0, -1)
    .reduce((held, key) => (held as Record<string, unknown>)[key], whole as unknown) as Record<
    string,
    unknown
  >;
  const key = full.at(-1)!;
  const was = holder[key];
  if (how === 'drop' && path.length > 0) delete holder[key];
  else if (how === 'add' && was && typeof was === 'object')
    (was as Record<string, unknown>)[`x${at}`] = ODD[odd];
  else if (how === 'many' && Array.isArray(was)) holder[key] = Array(MANY).fill(was[0] ?? ODD[odd]);
  else holder[key] = ODD[odd];
  return whole.body;
}

/** Bodies that the app could have sent, for each route that takes one. */
async function sound() {
  const { client, visit, plan, token } = await everything();
  const file = (await coach.get(`/api/v1/clients/${client.id}/file`).expect(200)).body;
  const bare = ({ version: _, ...record }: { version: number }) => record;
  /** Those that there are, as they are kept. */
  const kept: Readonly<Record<string, object>> = {
    clients: bare(file.client),
    visits: bare(file.visits[0]),
    looks: bare(file.looks[0]),
    drills: bare(file.drills[0]),
    homePlans: bare(file.homePlans[0]),
  };
  const around = { visit, planId: plan.id, practiceId: world.practices[0].id };
  const { version: _, ...entry } = file.homeEntries[0];
  const bodyOf = ({ path }: Route): object => {
    const [, kind] = path.split('/');
    if (path === `/${kind}/:id` && kind in ONE_OF_EACH)
      return kept[kind] ? write(kept[kind], 1) : write(ONE_OF_EACH[kind as RecordKind](around));
    if (path.endsWith('/entries')) return { entries: [entry] };
    if (path.endsWith('/links')) return { purpose: 'page', days: 9 };
    if (path.endsWith('/settings')) return { name: 'saltreach', idleMin: null };
    if (path.endsWith('/keeping')) return { to: null };
    if (path === '/people') return { name: 'Maud', email: 'maud@saltreach.example', role: 'coach' };
    return { role: 'coach', ended: false, email: 'x@saltreach.example', code: '123456' };
  };
  const ids = [client.id, visit.id, plan.id, crypto.randomUUID(), 'x', '%00', '%F0%28', '..%2f'];
  return { bodyOf, ids, token };
}
type Sound = Awaited<ReturnType<typeof sound>>;

interface Input {
  readonly route: Route;
  readonly id: number;
  readonly steps: readonly Step[];
  readonly query: readonly (readonly [key: string, odd: number])[];
}

const steps = (maxLength: number): fc.Arbitrary<Step[]> =>
  fc.array(
    fc.record({
      at: fc.nat(500),
      how: fc.constantFrom('put', 'put', 'drop', 'add', 'many'),
      odd: fc.nat(ODD.length - 1),
    }),
    { maxLength },
  );

const inputs = (routes: readonly Route[]): fc.Arbitrary<Input> =>
  fc.record({
    // A route that takes a body is worth more tries than one that takes none.
    route: fc.constantFrom(...routes, ...routes.filter(({ method }) => method !== 'get')),
    id: fc.nat(7),
    steps: steps(3),
    query: fc.array(
      fc.tuple(
        fc.constantFrom('day', 'sort', 'filter', 'search', 'from', 'limit', 'before', 'print'),
        fc.nat(ODD.length - 1),
      ),
      { maxLength: 2 },
    ),
  });

function ask(
  agent: Agent,
  { route, id, steps, query }: Input,
  { bodyOf, ids, token }: Sound,
): Test {
  const params = Object.fromEntries(
    query.map(([key, odd]) => [key, String(ODD[odd]).slice(0, 900)]),
  );
  const path = route.path.replaceAll(/:\w+/g, ids[id]);
  const asked = agent[route.method](`/api/v1${path}`).query(params).redirects(0);
  if (path.startsWith('/home')) asked.set('Authorization', `Bearer ${token}`);
  if (route.method === 'get') return asked;
  const body = steps.reduce(changed, bodyOf(route) as unknown);
  return asked.set('Content-Type', 'application/json').send(JSON.stringify(body) ?? '');
}

/** Still being made by a worker, of whom there is none: the one answer over 500 that is no fault. */
const isFault = ({ status, body }: { status: number; body: { code?: string } }): boolean =>
  status >= 500 && body.code !== 'still-making';

async function timed(work: () => Test) {
  const before = process.cpuUsage();
  const answer = await work();
  const { user, system } = process.cpuUsage(before);
  return { answer, ms: (user + system) / 1000 };
}

/** Slow by itself each time, and not because memory was tidied up meanwhile. */
async function isSlow(work: () => Test): Promise<boolean> {
  for (let i = 0; i < 8; i++) if ((await timed(work)).ms <= MOST_MS) return false;
  return true;
}

it(`${TRIES} inputs that no app sends break nothing and hold nobody up`, async () => {
  const { agent } = await joined('owner');
  const of = await sound();
  const routes = routesIn(world.app).filter((route) => !(nameOf(route) in NOT_ASKED));
  const broken: unknown[] = [];
  const slow: unknown[] = [];
  const statuses: Record<number, number> = {};
  for (const [i, input] of fc.sample(inputs(routes), { numRuns: TRIES, seed: SEED }).entries()) {
    const { answer, ms } = await timed(() => ask(agent, input, of));
    statuses[answer.status] = (statuses[answer.status] ?? 0) + 1;
    if (isFault(answer)) broken.push([nameOf(input.route), answer.status, answer.body, input]);
    if (i > WARM && ms > MOST_MS && (await isSlow(() => ask(agent, input, of))))
      slow.push([nameOf(input.route), Math.round(ms), input]);
  }
  expect(broken).toEqual([]);
  expect(slow).toEqual([]);
  // They come as far as the schemas, and some of them through.
  expect(statuses[422]).toBeGreaterThan(TRIES / 5);
  expect((statuses[200] ?? 0) + (statuses[201] ?? 0)).toBeGreaterThan(TRIES / 20);
}, 900_000);

/** What a schema has against a body; null when nothing. */
function maybeRefusal(schema: Joi.Schema, body: unknown): unknown {
  try {
    read(schema, body);
    return null;
  } catch (error) {
    return error;
  }
}

/** As `isSlow`, of the processor alone: a machine that does something else meanwhile is not slow. */
function isSlowlyRead(schema: Joi.Schema, body: unknown): boolean {
  for (let i = 0; i < 8; i++) {
    const before = process.cpuUsage();
    maybeRefusal(schema, body);
    const { user, system } = process.cpuUsage(before);
    if ((user + system) / 1000 <= MOST_MS) return false;
  }
  return true;
}

const WHO = { email: 'maud@saltreach.example', password: 'nine slow barges' };

it.each<[string, Joi.Schema, object]>([
  ['at the door', signInSchema, { ...WHO, code: '' }],
  ['again', confirmSchema, { password: WHO.password }],
  ['for another one', passwordSchema, { current: WHO.password, next: 'ten slow barges' }],
  ['by a link', welcomeSchema, { password: WHO.password }],
  ['for the first practice', foundingSchema, { ...WHO, practice: 'Tide House', name: 'Maud' }],
])(
  'a password %s: what is no body for it is refused by its field, and at once',
  (_name, schema, sound) => {
    read(schema, sound);
    let refused = 0;
    for (const way of fc.sample(steps(3), { numRuns: TRIES / 5, seed: SEED })) {
      const body = way.reduce(changed, sound as unknown);
      const refusal = maybeRefusal(schema, body);
      if (refusal) {
        expect(refusal).toMatchObject({ status: 422, shape: { code: 'invalid' } });
        expect(refusal).toBeInstanceOf(AppError);
        refused += 1;
      }
      expect([isSlowlyRead(schema, body), body]).toEqual([false, body]);
    }
    expect(refused).toBeGreaterThan(TRIES / 10);
  },
);

it('what is not asked is there, and for a reason', () => {
  const names = routesIn(world.app).map(nameOf);
  for (const name of Object.keys(NOT_ASKED)) expect(names).toContain(name);
});

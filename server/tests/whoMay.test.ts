import { writeFileSync } from 'node:fs';
import request from 'supertest';
import { everything } from './filled';
import { joined } from './joining';
import { Matrix } from './matrix';
import { routesIn, type Route } from './routesIn';
import { coach, signIn, stranger, useWorld, world } from './world';

// No worker makes papers here: nobody waits for one.
useWorld({ madeWithinMs: 50 });

const matrix = new Matrix();
afterAll(() => {
  if (process.env.MATRIX_FILE) writeFileSync(process.env.MATRIX_FILE, matrix.text());
});

/** Open to anybody, and why. */
const OPEN: Readonly<Record<string, string>> = {
  'get /openapi.json': 'says what there is, and nothing that is kept',
  'get /case.schema.json': 'the same',
  'post /session': 'the door itself; what it lets in is looked at',
  'post /session/passkey/begin': 'asks for a signature, and says nothing that is kept',
  'post /session/passkey': 'the door itself; a signature is looked at',
  'get /home': 'opened by a link',
  'post /home/entries': 'opened by a link',
  'get /calendar/:token.ics': 'opened by a link',
  'get /founding': 'opened by a link, while there is no practice',
  'post /founding': 'the same',
  'get /welcome': 'opened by a link',
  'post /welcome': 'opened by a link',
  'post /welcome/letter': 'for who cannot sign in; it tells nothing',
};

/** Answered with an empty list, as for a client whom a device has not sent yet. */
const EMPTY = ['get /clients/:id/links'];

const nameOf = ({ method, path }: Route) => `${method} ${path}`;

/** Ids of what the first practice has, by the kind that the API calls it. */
async function ours() {
  const { client, visit, plan, token } = await everything();
  const file = (await coach.get(`/api/v1/clients/${client.id}/file`).expect(200)).body;
  const { links } = (await coach.get(`/api/v1/clients/${client.id}/links`).expect(200)).body;
  const [[look], [drill]] = [file.looks, file.drills];
  const ids: Readonly<Record<string, string>> = {
    clients: client.id,
    visits: visit.id,
    looks: look.id,
    drills: drill.id,
    homePlans: plan.id,
  };
  return { client, token, link: links[0].id as string, ids };
}
type Ours = Awaited<ReturnType<typeof ours>>;

/** The address with ids of the first practice's in it; one of its own where it has nothing of a kind. */
function addressOf({ path }: Route, { client, link, ids }: Ours): string {
  const [, kind] = path.split('/');
  return `/api/v1${path}`
    .replace(':link', link)
    .replace(':token', 'x'.repeat(43))
    .replace(':id', path.startsWith('/clients/') ? client.id : (ids[kind] ?? crypto.randomUUID()));
}

/** A body that the first coach could have sent. */
const bodyOf = async (route: Route, of: Ours): Promise<object> => {
  if (route.path.endsWith('/erase')) return { name: of.client.name };
  if (route.path.endsWith('/keeping')) return { to: null };
  if (route.path.endsWith('/links')) return { purpose: 'page', days: 9 };
  if (route.method !== 'put') return {};
  const { body } = await coach.get(addressOf(route, of));
  const { version = 0, ...record } = body.record ?? { id: crypto.randomUUID() };
  return { writeId: crypto.randomUUID(), version, record };
};

type Asker = 'nobody' | 'a link' | 'another practice';

/** One call of a route by somebody who is not of the practice that everything is of. */
async function call(route: Route, who: Asker, of: Ours) {
  const address = addressOf(route, of);
  const body = await bodyOf(route, of);
  const agent = who === 'another practice' ? stranger : request(world.app);
  const asked = agent[route.method](address).set('X-Taxikine', '1');
  if (who === 'a link') asked.set('Authorization', `Bearer ${of.token}`);
  return asked.send(body);
}

/** The stream of changes does not end; what is packed is waited for. Both are looked at in tests of their own. */
const isAsked = ({ path }: Route) => path !== '/changes' && !path.endsWith('export.zip');

it.each<Asker>(['nobody', 'a link'])('%s gets nothing that needs a session', async (who) => {
  const of = await ours();
  const routes = routesIn(world.app).filter((route) => !(nameOf(route) in OPEN));
  const letIn = [];
  for (const route of routes.filter(({ path }) => path !== '/changes')) {
    const { status } = await call(route, who, of);
    matrix.note(nameOf(route), who, status);
    if (status !== 401) letIn.push([nameOf(route), status]);
  }
  expect(routes.length).toBeGreaterThan(35);
  expect(letIn).toEqual([]);
  await coach.get(`/api/v1/clients/${of.client.id}/file`).expect(200);
});

it('another practice gets nothing, changes nothing and hears of nothing of ours', async () => {
  const of = await ours();
  const before = (await coach.get(`/api/v1/clients/${of.client.id}/file`).expect(200)).body;
  const wrong = [];
  for (const route of routesIn(world.app).filter(isAsked)) {
    if (nameOf(route) in OPEN || nameOf(route) === 'delete /session') continue;
    const { status, text = '' } = await call(route, 'another practice', of);
    matrix.note(nameOf(route), 'another practice', status);
    const isOfOurs = route.path.includes(':') && !EMPTY.includes(nameOf(route));
    if (status >= 500 || (isOfOurs && status < 400)) wrong.push([nameOf(route), status]);
    if (text.includes(of.client.id) && status < 400) wrong.push([nameOf(route), 'names ours']);
    if (/Signe|saltreach/.test(text)) wrong.push([nameOf(route), 'says ours']);
  }
  expect(wrong).toEqual([]);
  expect((await coach.get(`/api/v1/clients/${of.client.id}/file`).expect(200)).body).toEqual(
    before,
  );
});

/** What an owner does, and no other coach. */
const OWNERS_ONLY = [
  'delete /people/:id/factor',
  'get /account/confirm',
  'get /people',
  'get /practice/deeds',
  'get /practice/deeds.csv',
  'post /people',
  'put /people/:id',
  'put /practice/settings',
  'post /practice/wordings',
  'post /people/:id/link',
  'post /clients/:id/erase',
  'get /clients/:id/export.zip',
  'get /practice/export.zip',
  'post /practice/restore',
];

it('a coach who is no owner gets everything but what an owner does', async () => {
  const of = await ours();
  const { agent } = await joined();
  const refused = [];
  const isAskedOfCoach = (route: Route) => isAsked(route) || nameOf(route).endsWith('export.zip');
  for (const route of routesIn(world.app).filter(isAskedOfCoach)) {
    if (nameOf(route) in OPEN || nameOf(route) === 'delete /session') continue;
    const asked = agent[route.method](addressOf(route, of)).send(await bodyOf(route, of));
    const { status, body } = await asked;
    matrix.note(nameOf(route), 'a coach', status);
    if (status === 401 || body.code === 'owner-only') refused.push(nameOf(route));
  }
  expect(refused.sort()).toEqual([...OWNERS_ONLY].sort());
  await coach.get(`/api/v1/clients/${of.client.id}/file`).expect(200);
});

it('a coach gets nothing of a client who is kept to another, changes nothing and hears nothing', async () => {
  const of = await ours();
  const { agent } = await joined();
  const keeping = `/api/v1/clients/${of.client.id}/keeping`;
  const [{ id: owner }] = world.practices[0].coaches;
  await coach.put(keeping).send({ to: owner }).expect(200);
  const before = (await coach.get(`/api/v1/clients/${of.client.id}/file`).expect(200)).body;
  const wrong = [];
  for (const route of routesIn(world.app).filter(isAsked)) {
    if (nameOf(route) in OPEN || nameOf(route) === 'delete /session') continue;
    const asked = agent[route.method](addressOf(route, of)).send(await bodyOf(route, of));
    const { status, text = '' } = await asked;
    matrix.note(nameOf(route), 'a coach, client kept to another', status);
    const isOfClient = route.path.includes(':id') && !EMPTY.includes(nameOf(route));
    if (status >= 500 || (isOfClient && status < 400)) wrong.push([nameOf(route), status]);
    if (text.includes(of.client.id)) wrong.push([nameOf(route), 'says it']);
  }
  expect(wrong).toEqual([]);
  expect((await coach.get(`/api/v1/clients/${of.client.id}/file`).expect(200)).body).toEqual(
    before,
  );
  await coach.put(keeping).send({ to: null }).expect(200);
  await agent.get(`/api/v1/clients/${of.client.id}/file`).expect(200);
});

/** Every method there is, where a route has none of it. */
it('what no route is for does nothing, whoever asks', async () => {
  const of = await ours();
  const routes = routesIn(world.app);
  const names = new Set(routes.map(nameOf));
  const wrong = [];
  let tried = 0;
  for (const path of new Set(routes.map((route) => route.path)))
    for (const method of ['get', 'put', 'post', 'delete', 'patch'] as const) {
      if (names.has(`${method} ${path}`)) continue;
      const address = addressOf({ method: 'get', path }, of);
      for (const agent of [request(world.app), stranger, coach]) {
        const { status } = await agent[method](address).set('X-Taxikine', '1').send({});
        tried += 1;
        // 422: the word stood where another route has an id.
        if (![401, 404, 422].includes(status)) wrong.push([method, path, status]);
      }
    }
  expect(tried).toBeGreaterThan(300);
  expect(wrong).toEqual([]);
  matrix.remarks.push(`no route, but a method of one: ${tried} calls, none of them did anything`);
});

it('every route is one that is looked at here, or open for a reason', () => {
  const routes = routesIn(world.app).map(nameOf);
  for (const name of Object.keys(OPEN)) expect(routes).toContain(name);
});

// The last one: it also ends the sessions of whom it asks as.
it('an owner who has just given the password is refused nothing', async () => {
  const of = await ours();
  const owner = await signIn(world, 'saltreach');
  const wrong = [];
  for (const route of routesIn(world.app).filter(({ path }) => path !== '/changes')) {
    if (nameOf(route) in OPEN || nameOf(route) === 'delete /session') continue;
    const asked = owner[route.method](addressOf(route, of)).send(await bodyOf(route, of));
    const { status, body } = await asked;
    matrix.note(nameOf(route), 'an owner', status);
    if (status === 401 || status === 403 || (status >= 500 && body.code !== 'still-making'))
      wrong.push([nameOf(route), status, body.code]);
  }
  expect(wrong).toEqual([]);
});

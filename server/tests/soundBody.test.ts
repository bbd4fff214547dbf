import request from 'supertest';
import { once } from '../src/http/once';
import { coach, newClient, newVisit, useWorld, world, write } from './world';

useWorld();

const put = (kind: string, record: object, id = (record as { id: string }).id) =>
  coach.put(`/api/v1/${kind}/${id}`).send(write(record));
/** A body as it goes over the wire, for what no object can be made of. */
const putText = (text: string) =>
  coach
    .put(`/api/v1/clients/${crypto.randomUUID()}`)
    .set('Content-Type', 'application/json')
    .send(text);

const client = newClient();
const visit = newVisit(client.id);
beforeAll(() => put('clients', client).expect(201));

const HALF = '\ud83d';

describe('what cannot be kept is refused, and never asked for again', () => {
  it.each<[string, string, object, string]>([
    ['NUL in a name', 'clients', newClient({ name: 'Wen\0na' }), 'record.name'],
    ['half a character', 'clients', newClient({ about: `back ${HALF}` }), 'record.about'],
    [
      'half a character in a field that no schema knows',
      'visits',
      { ...visit, extra: { client: { shoe: { colour: HALF } } } },
      'record.extra.client.shoe.colour',
    ],
    [
      'NUL in the name of a field',
      'visits',
      { ...visit, extra: { 'a\0b': 1 } },
      'record.extra.a\0b',
    ],
    [
      'a year before all calendars',
      'visits',
      { ...visit, openedOn: '-271821-04-20T00:00:00.000Z' },
      'record.openedOn',
    ],
    [
      'a day that no month has',
      'visits',
      { ...visit, openedOn: '2026-02-30T09:00:00.000Z' },
      'record.openedOn',
    ],
    ['a year after them', 'visits', { ...visit, openedOn: '2200-01-01' }, 'record.openedOn'],
  ])('%s', async (_name, kind, record, path) => {
    const { body } = await put(kind, record).expect(422);
    expect(body).toMatchObject({ code: 'invalid', path, hint: 'Nothing was written.' });
  });

  it('whole characters of any kind are kept', async () => {
    const record = newClient({ name: 'Zoë 𝔚 🏖', about: 'כתף · 肩' });
    await put('clients', record).expect(201);
    const { body } = await coach.get(`/api/v1/clients/${record.id}`).expect(200);
    expect(body.record).toMatchObject({ name: record.name, about: record.about });
  });

  it('in an address, too', async () => {
    const { body } = await coach.get('/api/v1/clients?search=a%00b').expect(422);
    expect(body.code).toBe('invalid');
  });

  it.each(['1900-01-01', '2199-12-31'])('a year that can be meant: %s', (day) =>
    put('visits', { ...newVisit(client.id), openedOn: `${day}T12:00:00.000Z` }).expect(201),
  );
});

it.each<[string, Record<string, string>, string, number]>([
  ['a packing that nobody knows', { 'Content-Encoding': 'zstd' }, '{}', 415],
  ['letters that nobody knows', { 'Content-Type': 'application/json; charset=klingon' }, '{}', 415],
  ['a packing that it is not in', { 'Content-Encoding': 'gzip' }, '{}', 400],
])('a body in %s is refused, and not broken over', async (_name, headers, text, status) => {
  const path = `/api/v1/clients/${client.id}`;
  const request = coach.put(path).set({ 'Content-Type': 'application/json', ...headers });
  const { body } = await request.send(text).expect(status);
  expect(body).toMatchObject({ code: 'bad-request', hint: 'Nothing was written.' });
});

it.each(['/api/v1/clients/%E0%A4%A', '/api/v1/visits/%'])('%s is no address', async (path) => {
  const { body } = await coach.get(path).expect(400);
  expect(body.code).toBe('bad-request');
});

it.each([
  ['one letter', '1', 422],
  ['a long text', 'x'.repeat(300), 422],
  ['an id in braces, as some write it', '{00000000-0000-4000-8000-000000000000}', 404],
])('%s instead of an id is told, and not broken over', async (_name, id, status) => {
  for (const kind of ['clients', 'visits', 'images'])
    await coach.get(`/api/v1/${kind}/${id}`).expect(status);
});

describe('what is made to be slow is not read to its end', () => {
  const nested = (levels: number) => `${'{"a":'.repeat(levels)}1${'}'.repeat(levels)}`;
  const fields = (count: number) =>
    Object.fromEntries(Array.from({ length: count }, (_, i) => [`a${i.toString(36)}`, 0]));
  const numbers = (count: number) => `{"a":[${Array(count).fill('1').join()}]}`;

  it.each<[string, string, RegExp]>([
    ['5,000 levels', nested(5000), /nested deeper than 32 levels/],
    ['33 levels', nested(33), /nested deeper/],
    ['60,000 numbers', numbers(60_000), /more than 20000 values/],
    ['20,000 and the list that holds them', numbers(20_000), /more than 20000 values/],
    ['20,001 fields', JSON.stringify(fields(20_001)), /more than 20000 values/],
  ])('%s', async (_name, text, message) => {
    const { body } = await putText(text).expect(422);
    expect(body.message).toMatch(message);
    expect(body.problems).toBeUndefined();
  });

  it.each([
    ['32 levels', nested(32)],
    ['19,999 numbers', numbers(19_999)],
  ])('%s are for the schemas to say', async (_name, text) => {
    const { body } = await putText(text).expect(422);
    expect(body.message).not.toMatch(/nested|more than/);
  });

  it('at the door, before anybody is known', async () => {
    const { body } = await request(world.app)
      .post('/api/v1/session')
      .set('X-Taxikine', '1')
      .send(fields(20_001))
      .expect(422);
    expect(body.message).toMatch(/more than 20000 values/);
  });

  it('200 kB, and no more but for a picture', async () => {
    const { body } = await put('clients', newClient({ about: 'x'.repeat(210_000) })).expect(413);
    expect(body.message).toBe('The request is larger than 200 kB.');
    const picture = { id: crypto.randomUUID(), jpeg: 'x'.repeat(210_000) };
    await put('images', picture).expect(422);
  });

  it('tells twenty problems at most', async () => {
    const wrong = Object.fromEntries(Array.from({ length: 50 }, (_, i) => [`wrong${i}`, 0]));
    const { body } = await put('clients', { ...newClient(), ...wrong }).expect(422);
    expect(body.problems).toHaveLength(20);
  });
});

it('what is the same every time is made once', () => {
  const make = jest.fn(() => ({}));
  const get = once(make);
  expect(make).not.toHaveBeenCalled();
  expect(get()).toBe(get());
  expect(make).toHaveBeenCalledTimes(1);
});

import { noRecords } from '@taxikine/core/records/noRecords';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import type { PracticeFile } from '@taxikine/core/records/practiceFile';
import {
  clientIdOf,
  newestOf,
  recordIn,
  versionIn,
  withPending,
  withRecord,
  type Write,
} from '../src/data/writes';

const client = { id: 'c', name: 'A', version: 3 } as unknown as ClientFile['client'];
const look = (version: number, rating: string | null = null, id = 'l') =>
  ({ id, clientId: 'c', visitId: 'v', version, rating }) as unknown as ClientFile['looks'][number];
const file = (looks: ClientFile['looks'] = []): ClientFile => ({
  ...noRecords(),
  client,
  looks,
});

it('finds a record and its version, and 0 for what is not there', () => {
  expect(recordIn(file([look(2)]), 'looks', 'l')).toMatchObject({ version: 2 });
  expect([
    versionIn(file([look(2)]), 'looks', 'l'),
    versionIn(file(), 'looks', 'l'),
    versionIn(undefined, 'clients', 'c'),
    versionIn(file(), 'clients', 'c'),
  ]).toEqual([2, 0, 0, 3]);
});

it('puts a record in its old place, or at the end', () => {
  const two = file([look(1), look(1, null, 'm')]);
  expect(
    withRecord(two, 'looks', look(2, 'easy'))!.looks.map((one) => [one.id, one.version]),
  ).toEqual([
    ['l', 2],
    ['m', 1],
  ]);
  expect(withRecord(two, 'looks', look(1, null, 'n'))!.looks).toHaveLength(3);
});

it('lays writes that are under way over what the server said', () => {
  const pending = [
    { kind: 'looks', clientId: 'c', writeId: 'w', version: 1, record: look(0, 'hard') },
  ] as unknown as Write[];
  expect(withPending(file([look(1)]), pending)!.looks[0]).toMatchObject({
    rating: 'hard',
    version: 2,
  });
});

it('builds the file of a client that the server has not heard of', () => {
  const pending = [
    { kind: 'clients', clientId: 'c', writeId: 'w', version: 0, record: { id: 'c', name: 'New' } },
  ] as unknown as Write[];
  expect(withPending(undefined, pending)).toMatchObject({
    client: { name: 'New', version: 1 },
    looks: [],
  });
});

it.each([
  ['older than what is known', look(2, 'easy'), look(3, 'hard'), 'hard'],
  ['newer than what is known', look(4, 'easy'), look(3, 'hard'), 'easy'],
  ['as old as what is known', look(3, 'easy'), look(3, 'hard'), 'easy'],
])('an answer that is %s', (_name, fetched, known, rating) => {
  expect(newestOf(file([fetched]), file([known])).looks[0].rating).toBe(rating);
});

it('an answer that was put together before a record was made does not unmake it', () => {
  expect(newestOf(file(), file([look(1)])).looks).toHaveLength(1);
});

describe('what belongs to the practice', () => {
  const room = (version: number, kg = 4) =>
    ({ id: 'p', version, weights: { dumbbells: [{ kg, count: 2 }] } }) as never;

  it('has a file of its own, and begins it where there is none', () => {
    expect([clientIdOf('rooms', room(0)), clientIdOf('looks', look(0))]).toEqual(['practice', 'c']);
    expect(withRecord<PracticeFile>(undefined, 'rooms', room(1))).toEqual({
      ownDrills: [],
      rooms: [room(1)],
    });
  });

  it('a fetched file does not take back what this device knows better', () => {
    const known = { ownDrills: [], rooms: [room(3, 8)] };
    expect(newestOf({ ownDrills: [], rooms: [room(2, 4)] }, known)).toEqual(known);
  });
});

import { NOTHING_DONE } from '@taxikine/core/records/drills/nothingDone';
import type { DrillRecord, SetLog } from '@taxikine/core/records/drills/drillRecord';
import { doneOf } from '../src/client-page/doseSaid';
import { drawer } from '../src/client-page/keptOnDevice';
import { maybePageToken } from '../src/client-page/pageToken';
import { addressOf } from '../src/home-plan/addressOf';

beforeEach(() => {
  localStorage.clear();
  window.location.hash = '';
});

const set = (workedS: number): SetLog => ({ workedS, form: 'usual', on: '' });
const drill = (part: Partial<DrillRecord>): DrillRecord => ({
  ...NOTHING_DONE,
  id: 'd',
  clientId: '',
  visitId: '',
  drill: 'squat-to-target',
  side: null,
  targets: [],
  place: 0,
  dose: { by: 'reps', reps: 5, sets: 2, secondsEach: 4 },
  ...part,
});

it.each([
  ['all sets done', { status: 'done', log: [set(20), set(20)] }, 'done'],
  ['one of two', { status: 'done', log: [set(20)] }, 'partly'],
  ['stopped after a while', { status: 'stopped', log: [set(6)] }, 'partly'],
  ['skipped at once', { status: 'skipped', log: [] }, 'not'],
  ['begun and not worked', { status: 'skipped', log: [set(0)] }, 'not'],
] as const)('%s', (_name, part, done) =>
  expect(doneOf(drill({ ...part, log: [...part.log] }))).toBe(done),
);

it('a drawer keeps what is put in at once, each under its own key', () => {
  const [ours, theirs] = [drawer<number>('ours'), drawer<number>('theirs')];
  ours.put('a', 1);
  ours.put('b', 2);
  theirs.put('a', 3);
  expect(ours.all().sort()).toEqual([1, 2]);
  ours.drop('a');
  expect([ours.maybe('a'), ours.maybe('b'), theirs.maybe('a')]).toEqual([null, 2, 3]);
});

it('the token of a link is behind a #, and known again without it', () => {
  expect(maybePageToken()).toBeNull();
  window.location.hash = '#secret-token';
  expect(maybePageToken()).toBe('secret-token');
  window.location.hash = '';
  expect(maybePageToken()).toBe('secret-token');
});

it.each([
  ['page', 'https://x.example/home#t'],
  ['calendar', 'https://x.example/api/v1/calendar/t.ics'],
] as const)('the address of a %s', (purpose, address) =>
  expect(addressOf(purpose, 't', 'https://x.example')).toBe(address),
);

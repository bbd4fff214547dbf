import { CHECKS, type CheckRow } from '@taxikine/core/knowledge/checks';
import { REGIONS } from '@taxikine/core/knowledge/regions';
import { STEPS } from '@taxikine/core/records/visits/visitRecord';
import { en } from '../src/words/en';
import { when } from '../src/words/when';

const NOW = new Date('2026-11-23T12:00:00');

it.each([
  ['2026-11-23T01:00:00', 'today'],
  ['2026-11-22T23:59:00', 'yesterday'],
  ['2026-11-21T12:00:00', '2 days ago'],
  ['2026-11-03T12:00:00', '20 days ago'],
  ['2026-11-02T12:00:00', '2 Nov 2026'],
])('%s is %s', (instant, words) => {
  expect(when(instant, NOW)).toBe(words);
});

it('has a word for every step, region and feeling', () => {
  expect(Object.keys(en.steps)).toEqual([...STEPS]);
  expect(Object.keys(en.regions)).toEqual([...REGIONS]);
  const felt = new Set((CHECKS as readonly CheckRow[]).flatMap((row) => row.felt));
  expect(Object.keys(en.check.feltWords)).toEqual(expect.arrayContaining([...felt]));
});

it('never says diagnosis of a client', () => {
  const said = JSON.stringify(en).replace(en.signIn.caution, '');
  expect(said).not.toMatch(/diagnos/i);
});

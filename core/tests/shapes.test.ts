import { RECORD_KINDS } from '@taxikine/core';
import { SHAPES } from '../src/records/shapes';
import { shapesOfAll } from './cases/shapesOf';

/** What an app keeps on its device is read anew when this changes: `npm run -s shapes` prints the new lines. */
it('the pinned shapes are those of the schemas', () => expect(SHAPES).toEqual(shapesOfAll()));

it('every kind of record has one', () =>
  expect(Object.keys(SHAPES)).toEqual(expect.arrayContaining([...RECORD_KINDS])));

it('no two are alike', () =>
  expect(new Set(Object.values(SHAPES)).size).toBe(Object.keys(SHAPES).length));

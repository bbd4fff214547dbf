import { SHAPES } from '@taxikine/core/records/shapes';
import { isReadable, SHAPE } from '../src/data/keptAnswer';

const NOW = Date.parse('2026-03-02T08:00:00Z');
const DAY = 86_400_000;

it.each([
  ['of today', { shape: SHAPE, savedAt: NOW }, true],
  ['a moment less than a week old', { shape: SHAPE, savedAt: NOW - 7 * DAY + 1 }, true],
  ['a week old', { shape: SHAPE, savedAt: NOW - 7 * DAY }, false],
  ['of an app that kept no shapes', { shape: 'parts', savedAt: NOW }, false],
  [
    'from before looks changed',
    { shape: SHAPE.replace(SHAPES.looks, '00000000'), savedAt: NOW },
    false,
  ],
] as const)('an answer %s', (_, kept, readable) => expect(isReadable(kept, NOW)).toBe(readable));

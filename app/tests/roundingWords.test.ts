import { roundingWords } from '../src/solver/roundingWords';
import type { TextOf } from '../src/words/useText';
import { fit } from '../src/words/enFit';

/** The words themselves, so that a sentence is read as a coach reads it. */
const t = ((key: string, values: Record<string, unknown> = {}) => {
  const found = key
    .replace(/^fit\./, '')
    .split('.')
    .reduce<unknown>((at, part) => (at as Record<string, unknown>)[part], fit);
  return String(found).replace(/{{(\w+)}}/g, (_, name: string) => String(values[name]));
}) as unknown as TextOf;

it.each([
  [
    'squat',
    { fromDeg: 12.2, flatDeg: 0.3 },
    'The low back rounds from 12° above level on. With a flat back it stops at level.',
  ],
  ['squat', { fromDeg: -3.6, flatDeg: null }, 'The low back rounds from 4° below level on.'],
  ['squat', { fromDeg: null, flatDeg: 5 }, 'The low back stays flat all the way down.'],
  [
    'hinge',
    { fromDeg: -61, flatDeg: -48.4 },
    'The low back rounds from a lean of 61° on. With a flat back it stops at a lean of 48°.',
  ],
] as const)('rounding of a %s, %j', (pattern, rounding, words) =>
  expect(roundingWords(rounding, t, pattern)).toBe(words),
);

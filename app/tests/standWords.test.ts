import { kneesWords, pullWords, weightWords } from '../src/solver/standWords';
import type { PostureReport } from '@taxikine/core/body/solver/postureReport';
import { fit } from '../src/words/enFit';
import type { TextOf } from '../src/words/useText';

/** The words themselves, so that a sentence is read as a coach reads it. */
const t = ((key: string, values: Record<string, unknown> = {}) => {
  const found = key
    .replace(/^fit\./, '')
    .split('.')
    .reduce<unknown>((at, part) => (at as Record<string, unknown>)[part], {
      ...fit,
      left: 'left',
      right: 'right',
    });
  return String(found).replace(/{{(\w+)}}/g, (_, name: string) => String(values[name]));
}) as unknown as TextOf;

const posture = (part: object) => part as unknown as PostureReport;

it.each([
  [0, 0, 'Knees over the feet.'],
  [14, -14, 'Knees over the feet.'],
  [-16, 14, 'Left knee 2 cm inside its foot, right knee over its foot.'],
  [-31, 42, 'Left knee 3 cm inside its foot, right knee 4 cm outside its foot.'],
])('knees %i and %i mm out', (left, right, words) =>
  expect(kneesWords(posture({ kneeOutMm: { left, right } }), t)).toBe(words),
);

it.each([
  ['left', 'Left knee 3 cm inside its foot.'],
  ['right', 'Right knee over its foot.'],
] as const)('on the %s leg that knee alone is told', (leg, words) =>
  expect(kneesWords(posture({ kneeOutMm: { left: -31, right: 9 } }), t, leg)).toBe(words),
);

it.each([
  [0.19, 'Weight toward the heel.'],
  [0.25, 'Weight over the middle of the foot.'],
  [0.31, 'Weight toward the toes.'],
])('on one leg the foot is pressed at %d of its length', (pressureAhead, words) =>
  expect(weightWords(posture({ pressureAhead, shareLeft: 1 }), t, 'left')).toBe(words),
);

it.each([
  [0.25, 0.5, 'Weight over the middle of the feet, the same on both feet.'],
  [0.25, 0.51, 'Weight over the middle of the feet, the same on both feet.'],
  [0.25, 0.52, 'Weight over the middle of the feet, 52 % on the left.'],
  [0.19, 0.4, 'Weight toward the heels, 60 % on the right.'],
  [0.31, 0.5, 'Weight toward the toes, the same on both feet.'],
])('pressed at %d of the foot, %d on the left', (pressureAhead, shareLeft, words) =>
  expect(weightWords(posture({ pressureAhead, shareLeft }), t)).toBe(words),
);

it.each([
  [0, null],
  [4, null],
  [98, 'The post is pulled with 10 kg.'],
  [-98, 'The post is pulled with 10 kg.'],
])('a post pulled with %i N', (pullNewton, words) =>
  expect(pullWords(posture({ pullNewton }), t)).toBe(words),
);

import { bodyOf } from '@taxikine/core/body/segments/body';
import { USUAL_SETUP } from '@taxikine/core/body/stance/setup';
import type { Lack } from '@taxikine/core/body/solver/ask';
import type { Binding } from '@taxikine/core/body/solver/binding';
import { at } from '../src/figure/useBackAndForth';
import { fitAim, saidValue } from '../src/client/fit/fitAim';
import { bindingWords, depthWords, lackWords } from '../src/client/fit/fitWords';
import { postureApi } from '../src/solver/postureApi';
import type { TextOf } from '../src/words/useText';

const t = ((key: string, values?: Record<string, unknown>) =>
  values ? `${key} ${Object.values(values).join(' ')}` : key) as unknown as TextOf;

it.each([
  ['squat', 12.4, 'fit.thighs.above 12'],
  ['squat', 0.6, 'fit.thighs.above 1'],
  ['squat', 0.4, 'fit.thighs.level 0'],
  ['squat', -0.4, 'fit.thighs.level 0'],
  ['squat', -0.6, 'fit.thighs.below 1'],
  ['lunge', 20, 'fit.frontThigh.above 20'],
  ['split', -20, 'fit.frontThigh.below 20'],
  ['hinge', -71.2, 'fit.leans 71'],
] as const)('depth of a %s, %d°, is said as %s', (pattern, deg, words) => {
  expect(depthWords(deg, t, pattern)).toBe(words);
});

it('on one leg one thigh is spoken of', () =>
  expect(depthWords(12.4, t, 'squat', 'left')).toBe('fit.oneThigh.above 12'));

it.each([
  ['nothing', [], ''],
  ['one side', [{ side: 'right', limit: 'ankleBend' }], 'right fit.limit.ankleBend'],
  [
    'both sides as one',
    [
      { side: 'left', limit: 'hipBend' },
      { side: 'right', limit: 'hipBend' },
    ],
    'fit.both.hipBend',
  ],
  ['not what balance does', [{ side: 'left', limit: 'weightShare' }], ''],
] as [string, Binding[], string][])('what stops it: %s', (_, binding, words) => {
  expect(bindingWords(binding, t)).toBe(words);
});

it.each([
  [{ side: 'left', limit: 'ankleBend', by: 4.26, unit: 'deg' }, 'left fit.limit.ankleBend +4.3°'],
  [{ side: 'left', limit: 'ankleBend', by: 12.6, unit: 'deg' }, 'left fit.limit.ankleBend +13°'],
  [{ side: null, limit: 'balance', by: 3, unit: 'cm' }, 'fit.limit.balance +3.0 cm'],
] as [Lack, string][])('what is missing: %o', (lack, words) => {
  expect(lackWords(lack, t)).toBe(words);
});

it.each([
  [0, 0],
  [800, 0.5],
  [1600, 1],
  [2000, 1],
  [2900, 0.5],
  [3700, 0],
  [4199, 0],
  [5000, 0.5],
])('%d ms into a drill the figure is %d of the way', (ms, place) => {
  expect(at(ms)).toBeCloseTo(place, 9);
});

const question = {
  pattern: 'squat' as const,
  body: bodyOf(1.75, 75),
  setup: USUAL_SETUP,
  limits: {
    left: { ankleBendDeg: 30, hipBendDeg: 120 },
    right: { ankleBendDeg: 30, hipBendDeg: 120 },
  },
};

/** Whether anything in a value could not be sent to another thread. */
const holdsFunction = (value: unknown): boolean =>
  typeof value === 'function' ||
  (typeof value === 'object' && value !== null && Object.values(value).some(holdsFunction));

it('what the worker answers can cross to the page', () => {
  const found = postureApi.deepest(question, 'right');
  expect(found.status).toBe('found');
  expect(holdsFunction(found)).toBe(false);
  const blocked = postureApi.settle(question, { thighDeg: -30 }, 'right');
  expect(blocked.status).toBe('blocked');
  expect(holdsFunction(blocked)).toBe(false);
  expect(holdsFunction({ legs: [{ hinge: () => 0 }] })).toBe(true);
});

it('a long question tells how far it is, to the end', () => {
  const told: number[] = [];
  const input = { ...question, seenDeg: 25 };
  const { shares, shortfallCm } = postureApi.shares(input, (done, all) => told.push(done / all));
  expect(told.at(-1)).toBe(1);
  expect(shares.reduce((sum, { cm }) => sum + cm, 0)).toBeCloseTo(shortfallCm, 9);
});

describe('what the stance is fitted for', () => {
  it.each([
    ['squat', 'depth', null, 20, { thighDeg: 0 }],
    ['squat', 'depth', 12, 20, { thighDeg: 12 }],
    // Other aims are compared where the body can still stand.
    ['squat', 'upright', null, 20, { thighDeg: 26 }],
    ['lunge', 'knees', 40, 20, { thighDeg: 40 }],
    ['hinge', 'depth', null, -50, { trunkLeanDeg: 60 }],
    ['hinge', 'hips', null, -50, { trunkLeanDeg: 44 }],
    ['hinge', 'hips', 30, -50, { trunkLeanDeg: 30 }],
    ['hinge', 'hips', 30, -2, { trunkLeanDeg: 0 }],
  ] as const)('%s for %s, set to %p, reaching %d', (pattern, aim, depth, reach, asked) => {
    expect(fitAim(pattern, aim, depth, reach)).toEqual({ for: aim, ...asked });
  });

  it.each([
    ['hinge', 'depth', -70, 70],
    ['hinge', 'hips', 90, 90],
    ['squat', 'depth', -4, -4],
  ] as const)('%s, %s: %d is said as %d', (pattern, aim, value, said) => {
    expect(saidValue(pattern, aim, value)).toBe(said);
  });
});

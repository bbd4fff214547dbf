import { compareGrades, compareMeasures, smallestRealChange, type FaultLevel } from '../src';
import { normalCdf } from '../src/foundation/numeric/normal';
import { rangeRatio } from '../src/inference/trace/rangeRatio';

/** Values of the standard normal from published tables. */
it.each([
  [0, 0.5],
  [1, 0.841344746],
  [1.959963985, 0.975],
  [-2.575829304, 0.005],
  [9, 1],
  [-9, 0],
])('normal distribution at %p', (z, expected) => {
  expect(normalCdf(z)).toBeCloseTo(expected, 8);
});

it('smallest real change is 1.96·√2·SEM', () => {
  expect(smallestRealChange(1.7)).toBeCloseTo(4.712, 3);
});

it.each([
  ['just under the smallest real change', 30, 34.7, 'more', 'same'],
  ['just over it', 30, 34.8, 'more', 'better'],
  ['over it, the wrong way', 30, 25.2, 'more', 'worse'],
  ['less is better', 34, 29.2, 'less', 'better'],
  ['no change', 30, 30, 'more', 'same'],
] as const)('a measure with an error of 1.7: %s', (_name, before, after, way, word) => {
  expect(compareMeasures(before, after, 1.7, way).word).toBe(word);
});

it.each([
  ['plain', 'clear', 'better'],
  ['plain', 'slight', 'same'],
  ['plain', 'plain', 'same'],
  ['slight', 'marked', 'worse'],
  ['marked', 'plain', 'same'],
  ['clear', 'plain', 'worse'],
] as [FaultLevel, FaultLevel, string][])('by eye, %s then %s', (before, after, word) => {
  expect(compareGrades(before, after).word).toBe(word);
});

it('a grade lower is likelier better than not, and mirrored', () => {
  expect(compareGrades('plain', 'slight').pBetter).toBeGreaterThan(0.8);
  expect(compareGrades('slight', 'plain').pBetter).toBeLessThan(0.1);
});

const ANKLE = {
  usual: [40, 6],
  restricted: [29, 5],
  sem: 1.7,
  unit: 'deg',
  least: -20,
  most: 70,
} as const;

it('a range speaks more for a restriction the shorter it is, up to 30 decibans', () => {
  const ratios = Array.from({ length: 80 }, (_, i) => rangeRatio(i - 10, ANKLE));
  expect(ratios.every((ratio, i) => i === 0 || ratio <= ratios[i - 1] + 1e-12)).toBe(true);
  expect(Math.max(...ratios)).toBeLessThanOrEqual(1000);
  expect(Math.min(...ratios)).toBeGreaterThanOrEqual(1 / 1000);
});

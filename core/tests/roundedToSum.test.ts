import fc from 'fast-check';
import { roundedToSum } from '../src';

it.each([
  ['nothing', [], []],
  ['two that would round up to one too many', [0.67, 0.16], [0.7, 0.1]],
  ['as they are', [0.7, 0.2], [0.7, 0.2]],
  ['with a negative one', [1.27, -0.34], [1.3, -0.4]],
  ['three alike', [0.333, 0.333, 0.334], [0.3, 0.3, 0.4]],
])('%s', (_, values, rounded) => {
  expect(roundedToSum(values, 0.1).map((one) => Number(one.toFixed(1)))).toEqual(rounded);
});

it('adds up, and no value moves by a whole step', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: -50, max: 50, noNaN: true }), { maxLength: 9 }),
      (values) => {
        const rounded = roundedToSum(values, 0.1);
        const sum = (all: readonly number[]) => all.reduce((a, b) => a + b, 0);
        expect(Math.abs(sum(rounded) - sum(values))).toBeLessThan(0.05 + 1e-9);
        rounded.forEach((one, i) => expect(Math.abs(one - values[i])).toBeLessThan(0.1 + 1e-9));
      },
    ),
    { seed: 11 },
  );
});

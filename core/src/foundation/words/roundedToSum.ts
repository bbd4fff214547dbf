/**
 * Values rounded to a step so that they add up to their rounded sum: those that rounding down takes
 * most from are rounded up (largest remainder). No value moves by a whole step.
 */
export function roundedToSum(values: readonly number[], step: number): number[] {
  const scaled = values.map((value) => value / step);
  const floors = scaled.map(Math.floor);
  const sum = (numbers: readonly number[]) => numbers.reduce((a, b) => a + b, 0);
  const missing = Math.round(sum(scaled)) - sum(floors);
  const byRemainder = scaled
    .map((value, i) => ({ i, rest: value - floors[i] }))
    .sort((a, b) => b.rest - a.rest || a.i - b.i);
  const up = new Set(byRemainder.slice(0, missing).map(({ i }) => i));
  return floors.map((floor, i) => (floor + (up.has(i) ? 1 : 0)) * step);
}

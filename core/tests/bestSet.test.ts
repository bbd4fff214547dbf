import fc from 'fast-check';
import { bestSet, type Option } from '../src/planning/bestSet';

const LIMITS = { minutes: 10, most: 3, least: 0.05 };

const options = fc
  .array(
    fc.record({
      minutes: fc.integer({ min: 1, max: 6 }),
      serves: fc.uniqueArray(
        fc.record({
          target: fc.constantFrom('a', 'b', 'c'),
          share: fc.double({ min: 0.1, max: 0.9, noNaN: true }),
        }),
        { selector: ({ target }) => target, minLength: 1, maxLength: 3 },
      ),
      group: fc.constantFrom('g', 'h', 'i', 'j', 'k'),
    }),
    { maxLength: 9 },
  )
  .map((list): Option[] => list.map((one, i) => ({ ...one, key: `${i}` })));
const worths = fc
  .array(fc.double({ min: 0.1, max: 1, noNaN: true }), { minLength: 3, maxLength: 3 })
  .map((list) => new Map(['a', 'b', 'c'].map((target, i) => [target, list[i]])));

const gainOf = (chosen: readonly Option[], worth: ReadonlyMap<string, number>): number =>
  [...worth].reduce((sum, [target, value]) => {
    const left = chosen
      .flatMap(({ serves }) => serves.filter((one) => one.target === target))
      .reduce((product, { share }) => product * (1 - share), 1);
    return sum + value * (1 - left);
  }, 0);

const subsets = (list: readonly Option[]): Option[][] =>
  list.reduce<Option[][]>((all, one) => [...all, ...all.map((set) => [...set, one])], [[]]);

const allowed = (chosen: readonly Option[]): boolean =>
  chosen.length <= LIMITS.most &&
  chosen.reduce((sum, { minutes }) => sum + minutes, 0) <= LIMITS.minutes &&
  new Set(chosen.map(({ group }) => group)).size === chosen.length;

it('serves as much as the best of all sets there are', () => {
  let tried = 0;
  fc.assert(
    fc.property(options, worths, (list, worth) => {
      tried++;
      const chosen = bestSet(list, worth, { ...LIMITS, least: 0 });
      expect(allowed(chosen)).toBe(true);
      const best = Math.max(
        ...subsets(list)
          .filter(allowed)
          .map((set) => gainOf(set, worth)),
      );
      expect(gainOf(chosen, worth)).toBeCloseTo(best, 8);
    }),
    { seed: 20261125, numRuns: 300 },
  );
  expect(tried).toBeGreaterThanOrEqual(300);
});

it('of equal sets takes the shorter, whatever their order', () => {
  const one = (key: string, minutes: number): Option => ({
    key,
    group: key,
    minutes,
    serves: [{ target: 'a', share: 0.5 }],
  });
  const worth = new Map([['a', 1]]);
  for (const list of [
    [one('x', 5), one('y', 3)],
    [one('y', 3), one('x', 5)],
  ])
    expect(bestSet(list, worth, { ...LIMITS, most: 1 }).map(({ key }) => key)).toEqual(['y']);
});

import fc from 'fast-check';
import { maybeBestSet, type Option } from '../src/planning/session/bestSet';
import { howMany } from './howMany';

const RUNS = howMany(300, 300);
const LIMITS = { minutes: 10, most: 4, price: 0.05 };
const KEYS = Array.from({ length: 9 }, (_, i) => `${i}`);

const options = fc
  .array(
    fc.record({
      minutes: fc.integer({ min: 1, max: 6 }),
      serves: fc.uniqueArray(
        fc.record({
          target: fc.constantFrom('a', 'b', 'c'),
          share: fc.double({ min: 0.01, max: 0.9, noNaN: true }),
        }),
        { selector: ({ target }) => target, minLength: 1, maxLength: 3 },
      ),
      needs: fc.option(fc.uniqueArray(fc.constantFrom(...KEYS), { minLength: 1, maxLength: 3 })),
    }),
    { maxLength: 9 },
  )
  .map((list): Option[] => list.map((one, i) => ({ ...one, key: KEYS[i] })));
const worths = fc
  .array(fc.double({ min: 0.1, max: 1, noNaN: true }), { minLength: 3, maxLength: 3 })
  .map((list) => new Map(['a', 'b', 'c'].map((target, i) => [target, list[i]])));

const valueOf = (set: readonly Option[], worth: ReadonlyMap<string, number>): number =>
  [...worth].reduce((sum, [target, value]) => {
    const left = set
      .flatMap(({ serves }) => serves.filter((one) => one.target === target))
      .reduce((product, { share }) => product * (1 - share), 1);
    return sum + value * (1 - left);
  }, 0) -
  LIMITS.price * set.length;

const subsets = (list: readonly Option[]): Option[][] =>
  list.reduce<Option[][]>((all, one) => [...all, ...all.map((set) => [...set, one])], [[]]);

/** What is held asks for a partner only where there is one. */
const allowed = (set: readonly Option[], held: readonly Option[], all: readonly Option[]) => {
  const keys = new Set(set.map(({ key }) => key));
  const asked = ({ needs }: Option) => needs?.some((key) => all.some((one) => one.key === key));
  const fits =
    set.length <= LIMITS.most &&
    set.reduce((sum, { minutes }) => sum + minutes, 0) <= LIMITS.minutes;
  return (
    // What is held may be too long by itself; nothing is added to it then.
    (fits || set.length === held.length) &&
    set.every(
      (one) =>
        one.needs === null ||
        one.needs.some((key) => keys.has(key)) ||
        (held.includes(one) && !asked(one)),
    )
  );
};

it.each([0, 1, 2])('is worth as much as the best of all sets there are, %p held', (count) => {
  let [tried, found] = [0, 0];
  fc.assert(
    fc.property(options, worths, (list, worth) => {
      tried++;
      const held = list.slice(0, count);
      const free = list.slice(count);
      const answer = maybeBestSet({ options: free, ends: [], held }, worth, LIMITS);
      const all = subsets(free)
        .map((set) => [...held, ...set])
        .filter((set) => allowed(set, held, list));
      if (!answer) return expect(all).toEqual([]);
      found++;
      const set = [...held, ...answer.chosen];
      expect(allowed(set, held, list)).toBe(true);
      expect(answer.value).toBeCloseTo(valueOf(set, worth), 8);
      expect(answer.value).toBeCloseTo(Math.max(...all.map((one) => valueOf(one, worth))), 8);
    }),
    { seed: 20261126 + count, numRuns: RUNS },
  );
  expect(tried).toBeGreaterThanOrEqual(RUNS);
  expect(found).toBeGreaterThan(RUNS / 3);
});

it('of equal sets takes the shorter, whatever their order', () => {
  const one = (key: string, minutes: number): Option => ({
    key,
    minutes,
    serves: [{ target: 'a', share: 0.5 }],
    needs: null,
  });
  const worth = new Map([['a', 1]]);
  for (const list of [
    [one('x', 5), one('y', 3)],
    [one('y', 3), one('x', 5)],
  ])
    expect(
      maybeBestSet({ options: list, ends: [], held: [] }, worth, {
        ...LIMITS,
        most: 1,
      })!.chosen.map(({ key }) => key),
    ).toEqual(['y']);
});

it('takes at least one end, another where it is worth it, and none where none fits', () => {
  const end = (key: string, minutes: number, share: number): Option => ({
    key,
    minutes,
    serves: [{ target: 'a', share }],
    needs: null,
  });
  const worth = new Map([['a', 1]]);
  const chosen = (ends: Option[]) =>
    maybeBestSet({ options: [], ends, held: [] }, worth, LIMITS)?.chosen.map(({ key }) => key);
  expect(chosen([end('x', 2, 0.01), end('y', 2, 0.02)])).toEqual(['y']);
  expect(chosen([end('x', 2, 0.5), end('y', 2, 0.4)])).toEqual(['x', 'y']);
  expect(chosen([end('x', 10.5, 0.5)])).toBeUndefined();
});

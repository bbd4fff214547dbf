import fc from 'fast-check';
import {
  compareGrades,
  compareMeasures,
  compareSeries,
  errorParts,
  isUnsteady,
  normal,
  ownSem,
  permutationTest,
  retention,
  seeded,
  semOfMean,
  signTest,
  smallestRealChange,
  stepGains,
} from '../src';

describe('error of one reading', () => {
  it('is the default where nothing was repeated', () => {
    expect(ownSem(1.7, [])).toEqual({ sem: 1.7, own: 0 });
    expect(ownSem(1.7, [[30], [31], []])).toEqual({ sem: 1.7, own: 0 });
  });

  /** By hand: 8 · 4 = 32; squares 2 and 8; free readings 2 and 1; 42 / 11. */
  it('is drawn toward the repeats by their number', () => {
    expect(
      ownSem(2, [
        [10, 11, 12],
        [20, 24],
      ]),
    ).toEqual({ sem: Math.sqrt(42 / 11), own: 3 });
  });

  it('approaches what the repeats show, and never passes it', () => {
    const random = seeded(7);
    const sets = (count: number) =>
      Array.from({ length: count }, () => [0, 0, 0].map(() => 3 * normal(random)));
    const [few, many] = [ownSem(1, sets(3)), ownSem(1, sets(400))];
    expect(few.sem).toBeGreaterThan(1);
    expect(few.sem).toBeLessThan(3.5);
    expect(many.sem).toBeGreaterThan(2.8);
    expect(many.sem).toBeLessThan(3.15);
  });

  it('is the same whatever the order and wherever the zero is', () => {
    const set = fc.array(fc.integer({ min: -50, max: 50 }), { maxLength: 4 });
    fc.assert(
      fc.property(
        fc.array(set, { maxLength: 5 }),
        fc.integer({ min: -90, max: 90 }),
        (sets, by) => {
          const moved = sets.map((one) => [...one].reverse().map((value) => value + by)).reverse();
          expect(ownSem(2, moved).sem).toBeCloseTo(ownSem(2, sets).sem, 8);
        },
      ),
      { seed: 71, numRuns: 200 },
    );
  });
});

describe('sign test', () => {
  /** Two-sided tails of the binomial with a half, from published tables. */
  it.each([
    [0, 0, 1],
    [1, 0, 1],
    [5, 0, 0.0625],
    [6, 0, 0.03125],
    [0, 6, 0.03125],
    [7, 1, 0.0703125],
    [8, 1, 0.0390625],
    [9, 1, 0.021484375],
    [10, 2, 0.03857421875],
    [3, 3, 1],
  ])('%p better and %p worse: %p', (better, worse, p) => {
    expect(signTest(better, worse).p).toBeCloseTo(p, 10);
  });

  it('is what counting every possible outcome gives', () => {
    for (let n = 1; n <= 12; n++)
      for (let better = 0; better <= n; better++) {
        const far = Math.abs(2 * better - n);
        let asFar = 0;
        for (let outcome = 0; outcome < 2 ** n; outcome++) {
          const ones = outcome.toString(2).split('1').length - 1;
          if (Math.abs(2 * ones - n) >= far) asFar++;
        }
        expect(signTest(better, n - better).p).toBeCloseTo(asFar / 2 ** n, 10);
      }
  });
});

describe('permutation test', () => {
  it.each([
    // All of one above all of the other: 2 of C(6, 3) = 20 ways.
    [[1, 2, 3], [4, 5, 6], 0.1],
    [[4, 5, 6], [1, 2, 3], 0.1],
    [[1, 2, 3, 4], [5, 6, 7, 8], 2 / 70],
    [[1, 1], [1, 1], 1],
    [[1, 3], [2, 4], 4 / 6],
  ])('%j and %j: %p', (before, after, p) => {
    expect(permutationTest(before, after)).toBeCloseTo(p, 10);
  });

  it('says nothing of an empty series, nor where there are too many ways', () => {
    expect(permutationTest([], [1, 2])).toBeNull();
    const many = Array.from({ length: 15 }, (_, i) => i);
    expect(permutationTest(many, many)).toBeNull();
  });

  it('rejects no more often than it says, on noise', () => {
    const random = seeded(5);
    const three = () => [0, 0, 0, 0].map(() => normal(random));
    const p = Array.from({ length: 2000 }, () => permutationTest(three(), three())!);
    for (const level of [2 / 70, 0.1, 0.3])
      expect(p.filter((one) => one <= level + 1e-9).length / p.length).toBeLessThan(level + 0.02);
  });
});

describe('two series', () => {
  it('are held against an error that shrinks with the readings', () => {
    const { smallestReal, change, interval, word } = compareSeries(
      [30, 31, 29],
      [34, 33, 35],
      1.7,
      'more',
    );
    expect(smallestReal).toBeCloseTo(1.959964 * 1.7 * Math.sqrt(2 / 3), 5);
    expect(change).toBeCloseTo(4, 10);
    expect(interval[0]).toBeCloseTo(4 - smallestReal, 10);
    expect(word).toBe('better');
  });

  it('of one reading each are the plain comparison', () => {
    const plain = compareMeasures(30, 34, 1.7, 'more');
    expect(compareSeries([30], [34], 1.7, 'more')).toMatchObject({ ...plain, pExact: null });
  });

  it('cannot be empty', () => expect(() => compareSeries([], [1], 1, 'more')).toThrow(/empty/));
});

describe('how much of a gain was kept', () => {
  const at = (value: number, sem = 1) => ({ value, sem });

  it.each([
    ['all of it', 40, 1],
    ['half of it', 35, 0.5],
    ['none of it', 30, 0],
    ['more came', 42, 1.2],
  ])('%s', (_name, later, share) => {
    const answer = retention(at(30), at(40), at(later));
    expect(answer).toMatchObject({ status: 'kept' });
    if (answer.status !== 'kept') return;
    expect(answer.share).toBeCloseTo(share, 10);
    expect(answer.interval[0]).toBeLessThan(share);
    expect(answer.interval[1]).toBeGreaterThan(share);
  });

  it.each([
    ['just under the smallest real change', 30 + smallestRealChange(1) - 0.01, 'no-gain'],
    ['just over it', 30 + smallestRealChange(1) + 0.01, 'kept'],
  ])('a gain %s', (_name, after, status) => {
    expect(retention(at(30), at(after), at(31)).status).toBe(status);
  });

  it('holds the true share 95 times in a hundred', () => {
    const random = seeded(11);
    const noisy = (value: number) => at(value + normal(random));
    let [held, told] = [0, 0];
    for (let i = 0; i < 10_000; i++) {
      const answer = retention(noisy(30), noisy(40), noisy(36));
      if (answer.status === 'no-gain') continue;
      told++;
      if (answer.interval[0] <= 0.6 && answer.interval[1] >= 0.6) held++;
    }
    expect(told).toBeGreaterThan(9_900);
    expect(held / told).toBeGreaterThan(0.94);
    expect(held / told).toBeLessThan(0.96);
  });
});

it('the gains of the steps add up to the whole, each with its own interval', () => {
  const gains = stepGains(
    [
      { value: 26, sem: 1.7, after: null },
      { value: 33, sem: 1.7, after: 'knee-over-outer-toes' },
      { value: 34, sem: 1.2, after: 'point-and-pull' },
    ],
    'more',
  );
  expect(gains.map(({ step, word }) => [step, word])).toEqual([
    ['knee-over-outer-toes', 'better'],
    ['point-and-pull', 'same'],
  ]);
  expect(gains.reduce((sum, { change }) => sum + change, 0)).toBeCloseTo(8, 10);
  expect(gains[0].interval[0]).toBeCloseTo(7 - smallestRealChange(1.7), 10);
});

describe('on 10,000 pairs', () => {
  const PAIRS = 10_000;
  const share = (seed: number, truth: number, of: (a: number, b: number) => string) => {
    const random = seeded(seed);
    let better = 0;
    for (let i = 0; i < PAIRS; i++)
      if (of(normal(random), truth + normal(random)) === 'better') better++;
    return better / PAIRS;
  };
  const single = (a: number, b: number) => compareMeasures(a, b, 1, 'more').word;

  it('of pure noise "better" is said in no more than 5 of a hundred, by number and by eye', () => {
    const rate = share(1, 0, single);
    expect(rate).toBeLessThanOrEqual(0.05);
    expect(rate).toBeGreaterThan(0.015);
    const random = seeded(2);
    const LEVELS = ['clear', 'slight', 'plain', 'marked'] as const;
    // What the eye says of one true level: four in five right, else one step off.
    const seen = (level: number) => {
      const u = random();
      const off = u < 0.8 ? 0 : u < 0.9 ? -1 : 1;
      return LEVELS[Math.min(3, Math.max(0, level + off))];
    };
    let better = 0;
    for (let i = 0; i < PAIRS; i++) {
      const level = Math.floor(4 * random());
      if (compareGrades(seen(level), seen(level)).word === 'better') better++;
    }
    expect(better / PAIRS).toBeLessThanOrEqual(0.05);
  });

  /** By the normal: power = Φ(δ/(√2·SEM) − 1.96). */
  it.each([
    [1, 0.105],
    [2, 0.293],
    [2.77, 0.5],
    [4, 0.807],
    [6, 0.988],
  ])('of a true gain of %p errors it is said in %p of them', (gain, power) => {
    expect(share(3, gain, single)).toBeCloseTo(power, 1);
  });

  it('nor of five readings a day, where every day has an error of its own', () => {
    const random = seeded(11);
    const { withinSem, betweenSem } = errorParts(1);
    const day = (): number[] => {
      const off = betweenSem * normal(random);
      return Array.from({ length: 5 }, () => off + withinSem * normal(random));
    };
    const mean = (all: number[]) => all.reduce((sum, one) => sum + one, 0) / all.length;
    let [better, fooled] = [0, 0];
    for (let i = 0; i < PAIRS; i++) {
      const [before, after] = [mean(day()), mean(day())];
      const said = (sem: number) => compareMeasures(before, after, sem, 'more').word;
      if (said(semOfMean({ withinSem, betweenSem }, 5)) === 'better') better++;
      if (said(1 / Math.sqrt(5)) === 'better') fooled++;
    }
    expect(better / PAIRS).toBeLessThanOrEqual(0.035);
    // As if five readings were five days: noise is called a change.
    expect(fooled / PAIRS).toBeGreaterThan(0.1);
  });

  it.each([
    ['as steady as the table', 1, 0.03, 0.07],
    ['twice as unsteady', 2, 0.85, 1],
  ])('repeats that are %s: told to be unsteady', (_name, sd, least, most) => {
    const random = seeded(12);
    const told = Array.from({ length: 2000 }, () => {
      const sets = Array.from({ length: 4 }, () => [0, 0, 0].map(() => sd * normal(random)));
      return isUnsteady(1, sets);
    }).filter(Boolean).length;
    expect(told / 2000).toBeGreaterThanOrEqual(least);
    expect(told / 2000).toBeLessThanOrEqual(most);
  });

  it('and with an error learnt from three own repeats each, still in no more than 5', () => {
    const random = seeded(4);
    let better = 0;
    for (let i = 0; i < PAIRS; i++) {
      // This client is half as steady again as the books say.
      const reading = () => 1.5 * normal(random);
      const sets = Array.from({ length: 6 }, () => [reading(), reading(), reading()]);
      const { sem } = ownSem(1, sets);
      if (compareSeries(sets[0], sets[1], sem, 'more').word === 'better') better++;
    }
    expect(better / PAIRS).toBeLessThanOrEqual(0.05);
  });
});

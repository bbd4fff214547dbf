import {
  localTrend,
  mixtureCdf,
  mixtureMean,
  mixtureQuantile,
  mixtureSd,
  seeded,
  type TrendReading,
} from '../src';
import { COURSES, held } from '../bench/courses';
import { ANYWHERE, DAY_SHARE, HALF_LIFE_DAYS, MOTIONS } from '../src/inference/trend/localTrend';

const SCALE = 6;

/** Gauss–Jordan: what a dense solution needs, and nothing else here does. */
function inverse(matrix: readonly (readonly number[])[]): { inverse: number[][]; logDet: number } {
  const n = matrix.length;
  const rows = matrix.map((row, i) => [...row, ...row.map((_, j) => (i === j ? 1 : 0))]);
  let logDet = 0;
  for (let c = 0; c < n; c++) {
    const pivot = rows[c][c];
    logDet += Math.log(pivot);
    rows[c] = rows[c].map((one) => one / pivot);
    for (let r = 0; r < n; r++)
      if (r !== c) {
        const by = rows[r][c];
        rows[r] = rows[r].map((one, j) => one - by * rows[c][j]);
      }
  }
  return { inverse: rows.map((row) => row.slice(n)), logDet };
}

/** The same model as one big normal distribution over all days, with its covariance written out. */
function dense(readings: readonly TrendReading[], at: number) {
  const k = Math.LN2 / HALF_LIFE_DAYS;
  const start = readings[0].day;
  const centre = readings[0].value;
  const parts = MOTIONS.map(({ wander, slope }) => {
    const cov = (a: number, b: number) => {
      const [s, t] = [Math.min(a, b) - start, Math.max(a, b) - start];
      const integral =
        ((slope * SCALE) ** 2 / k ** 2) *
        (2 * k * s - 1 + Math.exp(-k * s) + Math.exp(-k * t) - Math.exp(-k * (t - s)));
      return (ANYWHERE * SCALE) ** 2 + integral + wander * SCALE ** 2 * s;
    };
    const noise = ({ sem }: TrendReading) => sem ** 2 + (DAY_SHARE * SCALE) ** 2;
    const seen = readings.map((a, i) =>
      readings.map((b, j) => cov(a.day, b.day) + (i === j ? noise(a) : 0)),
    );
    const { inverse: inv, logDet } = inverse(seen);
    const off = readings.map(({ value }) => value - centre);
    const solved = inv.map((row) => row.reduce((sum, one, j) => sum + one * off[j], 0));
    const toAt = readings.map(({ day }) => cov(day, at));
    const quad = off.reduce((sum, one, i) => sum + one * solved[i], 0);
    const explained = toAt.reduce(
      (sum, one, i) => sum + one * inv[i].reduce((a, b, j) => a + b * toAt[j], 0),
      0,
    );
    return {
      logLike: -0.5 * (logDet + quad + readings.length * Math.log(2 * Math.PI)),
      mean: centre + toAt.reduce((sum, one, i) => sum + one * solved[i], 0),
      variance: cov(at, at) - explained,
    };
  });
  const most = Math.max(...parts.map(({ logLike }) => logLike));
  const raw = parts.map(({ logLike }) => Math.exp(logLike - most));
  const sum = raw.reduce((a, b) => a + b, 0);
  const mean = parts.reduce((all, one, i) => all + (raw[i] / sum) * one.mean, 0);
  const variance = parts.reduce(
    (all, one, i) => all + (raw[i] / sum) * (one.variance + (one.mean - mean) ** 2),
    0,
  );
  return { mean, sd: Math.sqrt(variance) };
}

const randomReadings = (random: () => number, count: number): TrendReading[] => {
  let day = 20_000 * random();
  return Array.from({ length: count }, () => {
    day += 0.2 + 12 * random();
    return { day, value: 20 + 20 * random(), sem: 1 + 2 * random() };
  });
};

it('level and forecast are those of the model solved as one big normal distribution (40 random series)', () => {
  const random = seeded(5);
  for (let n = 0; n < 40; n++) {
    const readings = randomReadings(random, 1 + Math.floor(8 * random()));
    const trend = localTrend(readings, SCALE);
    for (const [i, { day }] of readings.entries()) {
      const wanted = dense(readings, day);
      expect(trend.levels[i].level).toBeCloseTo(wanted.mean, 5);
      expect(trend.levels[i].sd).toBeCloseTo(wanted.sd, 5);
    }
    const ahead = trend.levelAhead(17);
    const wanted = dense(readings, readings.at(-1)!.day + 17);
    expect(mixtureMean(ahead)).toBeCloseTo(wanted.mean, 5);
    expect(mixtureSd(ahead)).toBeCloseTo(wanted.sd, 4);
  }
});

it('missing days cost nothing: the same days counted from elsewhere give the same', () => {
  const readings = randomReadings(seeded(6), 6);
  const moved = readings.map((one) => ({ ...one, day: one.day - 1234.5, value: one.value + 7 }));
  const [a, b] = [localTrend(readings, SCALE), localTrend(moved, SCALE)];
  a.levels.forEach(({ level, sd }, i) => {
    expect(b.levels[i].level).toBeCloseTo(level + 7, 6);
    expect(b.levels[i].sd).toBeCloseTo(sd, 6);
  });
});

it('the further ahead, the less is known; a reading is less certain than the level', () => {
  const trend = localTrend(randomReadings(seeded(8), 5), SCALE);
  const widths = [0, 7, 14, 28, 56].map((days) => mixtureSd(trend.levelAhead(days)));
  expect([...widths].sort((a, b) => a - b)).toEqual(widths);
  expect(mixtureSd(trend.readingAhead(7, 2))).toBeGreaterThan(widths[1]);
});

it('no reading is an error, one is a level with its error', () => {
  expect(() => localTrend([], SCALE)).toThrow(RangeError);
  const [only] = localTrend([{ day: 3, value: 31, sem: 1.7 }], SCALE).levels;
  expect(only.level).toBeCloseTo(31, 6);
  expect(only.sd).toBeGreaterThan(1.7);
});

it('a quantile is where its share lies below', () => {
  const parts = [
    { weight: 0.3, mean: 0, sd: 1 },
    { weight: 0.7, mean: 10, sd: 3 },
  ];
  for (const p of [0.01, 0.1, 0.3, 0.5, 0.9, 0.99])
    expect(mixtureCdf(parts, mixtureQuantile(parts, p))).toBeCloseTo(p, 6);
});

// 10,000 of each are in docs/accuracy.md; these are fewer, so the limits are a little wider.
it.each(Object.entries(COURSES))('80 %% intervals hold on courses of %s', (_name, make) => {
  const random = seeded(21);
  const inside = Array.from({ length: 400 }, () => held(make, random)).filter(Boolean).length;
  expect(inside / 400).toBeGreaterThan(0.7);
  expect(inside / 400).toBeLessThan(0.9);
});

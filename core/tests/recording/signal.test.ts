import { normal, seeded } from '../../src/foundation/numeric/random';
import { smoothed } from '../../src/media/recording/butterworth';
import { findRepetitions } from '../../src/media/recording/repetitions';
import { residualCutoff } from '../../src/media/recording/residualCutoff';
import { valueAt } from '../../src/media/recording/readings';

const RATE = 30;
const series = (count: number, of: (second: number) => number) =>
  Float32Array.from({ length: count }, (_, i) => of(i / RATE));
const sine = (hz: number) => series(600, (s) => Math.sin(2 * Math.PI * hz * s));

/** Largest value in the middle, away from both ends. */
const swing = (values: Float32Array) => Math.max(...values.slice(150, 450));

describe('low-pass', () => {
  it.each([
    ['far below the cut-off nothing is lost', 0.3, 0.99, 1.01],
    ['at the cut-off 0.707 is left', 4, 0.69, 0.72],
    ['far above next to nothing', 12, 0, 0.02],
  ])('%s', (_, hz, least, most) => {
    const left = swing(smoothed(sine(hz), 4, RATE));
    expect(left).toBeGreaterThanOrEqual(least);
    expect(left).toBeLessThan(most);
  });

  it('delays nothing', () => {
    const bump = series(601, (s) => Math.exp(-((s - 10) ** 2)));
    const filtered = smoothed(bump, 2, RATE);
    expect(filtered.indexOf(Math.max(...filtered))).toBe(300);
  });

  it('leaves a straight line alone, also at its ends', () => {
    const line = series(100, (s) => 3 * s - 1);
    smoothed(line, 3, RATE).forEach((value, i) => expect(value).toBeCloseTo(line[i], 2));
  });
});

it.each([
  ['a slow movement with little noise', 0.4, 0.01],
  ['a slow movement with much noise', 0.4, 0.2],
  ['a quicker one', 1, 0.02],
])('the residuals of %s lead to a cut-off above it and below the noise', (_, hz, noise) => {
  const random = seeded(4);
  const values = series(900, (s) => Math.sin(2 * Math.PI * hz * s) + noise * normal(random));
  const cutoff = residualCutoff(values, RATE);
  expect(cutoff).toBeGreaterThanOrEqual(2);
  expect(cutoff).toBeLessThanOrEqual(6);
  const clean = series(900, (s) => Math.sin(2 * Math.PI * hz * s));
  const rms = (of: Float32Array) =>
    Math.sqrt(of.reduce((sum, one, i) => sum + (one - clean[i]) ** 2, 0) / of.length);
  expect(rms(smoothed(values, cutoff, RATE))).toBeLessThan(rms(values));
});

/** Hips of a person of leg length 1 who squats every four seconds, from the second given on. */
const hips = (seconds: number, first: number, depth = 0.5, noise = 0) => {
  const random = seeded(9);
  return series(seconds * RATE, (s) => {
    const phase = (s - first) % 4;
    const down = s >= first && phase < 2.4 ? (1 - Math.cos((2 * Math.PI * phase) / 2.4)) / 2 : 0;
    return 1 - depth * down + noise * normal(random);
  });
};

describe('repetitions', () => {
  it.each([
    ['five', hips(21, 1), 5],
    ['five with noise', hips(21, 1, 0.5, 0.02), 5],
    ['five shallow ones', hips(21, 1, 0.15, 0.01), 5],
    ['none in standing still', hips(21, 99, 0.5, 0.01), 0],
    ['none in a nod of the knees', hips(21, 1, 0.03), 0],
    ['not the one that the end cuts off', hips(18, 1), 4],
    ['not the one that the beginning cuts off', hips(21, 1).slice(2.2 * RATE), 4],
  ])('%s', (_, values, count) => {
    expect(findRepetitions(values, RATE, 1)).toHaveLength(count);
  });

  it('begin, turn and end where they do', () => {
    const [first] = findRepetitions(hips(21, 1), RATE, 1);
    expect(first.bottom / RATE).toBeCloseTo(2.2, 1);
    expect(first.start / RATE).toBeGreaterThan(1);
    expect(first.start / RATE).toBeLessThan(1.6);
    expect(first.end / RATE).toBeGreaterThan(2.8);
    expect(first.end / RATE).toBeLessThan(3.4);
    expect(first.bottomFrom).toBeLessThan(first.bottom);
    expect(first.bottomTo).toBeGreaterThan(first.bottom);
  });
});

it.each([
  ['a parabola between steps', (i: number) => 2 + (i - 10.4) ** 2, 10.4, 7, 2],
  ['at the beginning', (i: number) => 3 * i, 0, 7, 0],
  ['at the end', (i: number) => 3 * i, 29, 7, 87],
  ['a fast camera, thinned', (i: number) => 5 - 0.01 * (i - 15) ** 2, 15, 14, 5],
])('value at a moment: %s', (_, of, moment, half, value) => {
  expect(valueAt(of, moment, half, 30)).toBeCloseTo(value, 6);
});

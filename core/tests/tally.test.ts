import { heldSeconds, holdBegun, holdStopped, tempoOf, type Rep } from '../src';

const rep = (downS: number | null, upS: number | null): Rep => ({ downS, upS });

it.each([
  ['nothing', [], { count: 0, down: null, up: null }],
  ['only counted', [rep(null, null), rep(null, null)], { count: 2, down: null, up: null }],
  ['one timed', [rep(2, 1)], { count: 1, down: { mean: 2, sd: 0 }, up: { mean: 1, sd: 0 } }],
  [
    'one timed of two',
    [rep(2, null), rep(null, null)],
    { count: 2, down: { mean: 2, sd: 0 }, up: null },
  ],
  [
    'two timed',
    [rep(2, 1), rep(4, 1)],
    { count: 2, down: { mean: 3, sd: Math.SQRT2 }, up: { mean: 1, sd: 0 } },
  ],
])('tempo of %s', (_, reps, expected) => {
  expect(tempoOf(reps)).toEqual(expected);
});

describe('a resting hold', () => {
  const now = Date.parse('2026-11-20T10:00:00.000Z');
  const begun = holdBegun(now);

  it.each([
    ['at once', 0, 0],
    ['after a while', 12_340, 12.34],
    ['on a device whose clock is behind', -5_000, 0],
  ])('%s', (_, laterMs, expected) => {
    expect(heldSeconds(begun, now + laterMs)).toBeCloseTo(expected, 9);
  });

  it('stopped, it stays what it was, to a tenth of a second', () => {
    const stopped = holdStopped(begun, now + 30_260);
    expect(stopped).toEqual({ runningSince: null, heldS: 30.3 });
    expect(heldSeconds(stopped, now + 99_000)).toBe(30.3);
  });
});

import { calibrate, compareAsking } from '../bench/calibration/run';
import { brier, expectedCalibrationError, hits, reliability } from '../bench/calibration/score';
import { howMany } from './howMany';

describe('scores', () => {
  const half = [
    { p: 0.5, present: true },
    { p: 0.5, present: false },
  ];
  it('a half that is so half of the time is calibrated', () =>
    expect(expectedCalibrationError(half)).toBe(0));
  it('a sure thing that never is so is off by all of it', () =>
    expect(expectedCalibrationError([{ p: 1, present: false }])).toBe(1));
  it('Brier is the mean squared distance', () => expect(brier(half)).toBe(0.25));
  it('certainty falls into the last bin', () =>
    expect(reliability([{ p: 1, present: true }]).at(-1)).toMatchObject({ count: 1, found: 1 }));
  it('the first two are the two most probable', () => {
    const three = [
      { p: 0.1, present: true },
      { p: 0.9, present: false },
      { p: 0.4, present: false },
    ];
    expect(hits(three, 2)).toBe(false);
    expect(hits(three, 3)).toBe(true);
  });
});

it('what the trace states holds in simulated clients', () => {
  const { clients, afterLook, afterChecks } = calibrate('network', howMany(250, 120), 7);
  expect(clients).toBeGreaterThan(95);
  expect(afterLook.error).toBeLessThan(0.03);
  expect(afterChecks.error).toBeLessThan(0.03);
  expect(afterChecks.top2).toBeGreaterThan(0.9);
  expect(afterChecks.brier).toBeLessThan(afterLook.brier);
});

it('and still nearly holds in squats that the network was not told about', () => {
  const { clients, afterChecks } = calibrate('posture', howMany(120, 60), 7);
  expect(clients).toBeGreaterThan(40);
  expect(afterChecks.error).toBeLessThan(0.06);
  expect(afterChecks.top2).toBeGreaterThan(0.85);
});

it('asking what says most takes fewer checks than a fixed order, and that than chance', () => {
  const [best, fixed, random] = compareAsking(howMany(16, 10), 7);
  expect(best.asked).toBeLessThan(0.75 * fixed.asked);
  expect(best.asked).toBeLessThan(random.asked);
});

it('is the same for the same seed', () =>
  expect(calibrate('network', 20, 3)).toEqual(calibrate('network', 20, 3)));

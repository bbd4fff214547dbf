import { lastTouch, noteTouch } from '../src/data/touched';
import { watchIdle } from '../src/data/lock/watchIdle';

const MINUTE = 60_000;

beforeEach(() => {
  jest.useFakeTimers({ now: new Date('2026-12-01T08:00:00Z') });
  localStorage.clear();
  noteTouch();
});
afterEach(() => jest.useRealTimers());

function watched() {
  const onIdle = jest.fn();
  const stop = watchIdle(2 * MINUTE, onIdle);
  return { onIdle, stop };
}

it.each([
  ['just before it is time', 2 * MINUTE - 5000, 0],
  ['when it is time', 2 * MINUTE, 1],
])('%s', (_when, ms, times) => {
  const { onIdle, stop } = watched();
  jest.advanceTimersByTime(ms);
  expect(onIdle).toHaveBeenCalledTimes(times);
  stop();
});

it.each(['pointerdown', 'keydown', 'wheel', 'touchstart'])('begins anew at a %s', (touch) => {
  const { onIdle, stop } = watched();
  jest.advanceTimersByTime(1.5 * MINUTE);
  window.dispatchEvent(new Event(touch));
  jest.advanceTimersByTime(1.5 * MINUTE);
  expect(onIdle).not.toHaveBeenCalled();
  stop();
});

it('counts a touch in another tab', () => {
  const { onIdle, stop } = watched();
  jest.advanceTimersByTime(1.5 * MINUTE);
  localStorage.setItem('taxikine/touched', String(Date.now()));
  jest.advanceTimersByTime(MINUTE);
  expect(onIdle).not.toHaveBeenCalled();
  stop();
});

it('tells at once when a page comes back after long', () => {
  noteTouch(Date.now() - 3 * MINUTE);
  const { onIdle, stop } = watched();
  expect(onIdle).toHaveBeenCalledTimes(1);
  stop();
});

it('tells before the touch that wakes a device that slept', () => {
  const { onIdle, stop } = watched();
  // Asleep, no timer runs.
  jest.setSystemTime(Date.now() + 10 * MINUTE);
  document.dispatchEvent(new Event('visibilitychange'));
  expect(onIdle).toHaveBeenCalledTimes(1);
  stop();
});

it('begins with whoever signs in where nobody has touched anything', () => {
  localStorage.clear();
  noteTouch(Date.now());
  const { stop } = watched();
  expect(lastTouch()).toBe(Date.now());
  stop();
});

it('hears nothing any more once it is stopped', () => {
  const { onIdle, stop } = watched();
  stop();
  jest.advanceTimersByTime(10 * MINUTE);
  expect(onIdle).not.toHaveBeenCalled();
});

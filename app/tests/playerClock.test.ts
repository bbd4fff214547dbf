import { leftSeconds, nextSet, paused, resumed, workedSeconds } from '../src/steps/playerClock';

const START = Date.parse('2026-11-23T10:00:00.000Z');
const idle = { set: 0, runningSince: null, workedS: 0 };
const hold = { by: 'hold', seconds: 30, sets: 2 } as const;

it('counts by the clock: a minute away is a minute', () => {
  const running = resumed(idle, START);
  expect(workedSeconds(running, START + 12_000)).toBe(12);
  expect(leftSeconds(running, hold, START + 12_000)).toBe(18);
  expect(leftSeconds(running, hold, START + 3_600_000)).toBe(0);
});

it('a pause keeps what was worked, and time does not pass in it', () => {
  const rest = paused(resumed(idle, START), START + 10_000);
  expect(rest).toEqual({ set: 0, runningSince: null, workedS: 10 });
  expect(leftSeconds(resumed(rest, START + 90_000), hold, START + 95_000)).toBe(15);
});

it('a clock that was set back takes nothing away', () => {
  expect(workedSeconds(resumed({ ...idle, workedS: 5 }, START), START - 60_000)).toBe(5);
});

it('the next set begins at nought, waiting', () => {
  expect(nextSet({ set: 0, runningSince: 'x', workedS: 30 })).toEqual({
    set: 1,
    runningSince: null,
    workedS: 0,
  });
});

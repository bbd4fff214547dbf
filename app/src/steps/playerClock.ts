import { setSeconds, type Dose, type SetClock } from '@taxikine/core';

/** Seconds worked in the current set at this moment: from the clock, so that no tick can be lost. */
export const workedSeconds = ({ runningSince, workedS }: SetClock, now: number): number =>
  workedS + (runningSince ? Math.max(0, (now - Date.parse(runningSince)) / 1000) : 0);

/** Seconds left in the current set; never below zero. */
export const leftSeconds = (clock: SetClock, dose: Dose, now: number): number =>
  Math.max(0, setSeconds(dose) - workedSeconds(clock, now));

export const paused = (clock: SetClock, now: number): SetClock => ({
  ...clock,
  workedS: workedSeconds(clock, now),
  runningSince: null,
});

export const resumed = (clock: SetClock, now: number): SetClock => ({
  ...clock,
  runningSince: new Date(now).toISOString(),
});

export const nextSet = (clock: SetClock): SetClock => ({
  set: clock.set + 1,
  runningSince: null,
  workedS: 0,
});

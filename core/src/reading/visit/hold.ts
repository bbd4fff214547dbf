import type { HoldClock } from '../../records/looks/lookRecord';

/** Seconds held up to `nowMs` (Unix time): from the clock, so that no tick can be lost. */
export const heldSeconds = ({ runningSince, heldS }: HoldClock, nowMs: number): number =>
  heldS + (runningSince ? Math.max(0, (nowMs - Date.parse(runningSince)) / 1000) : 0);

/** Begins a hold anew; what was held before is not added to it. */
export const holdBegun = (nowMs: number): HoldClock => ({
  runningSince: new Date(nowMs).toISOString(),
  heldS: 0,
});

export const holdStopped = (hold: HoldClock, nowMs: number): HoldClock => ({
  runningSince: null,
  heldS: Math.round(heldSeconds(hold, nowMs) * 10) / 10,
});

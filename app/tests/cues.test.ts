import type { Dose } from '@taxikine/core/knowledge/drillRow';
import { momentOf } from '@taxikine/core/planning/player/timeline';
import type { SetClock } from '@taxikine/core/records/drills/drillRecord';
import { cueBetween } from '../src/visit/player/cues';

const NOW = Date.parse('2026-11-26T09:00:00.000Z');
const DOSE: Dose = { by: 'hold', seconds: 40, sets: 2 };
const running: SetClock = { set: 0, runningSince: new Date(NOW).toISOString(), workedS: 0 };
const at = (seconds: number, clock = running) => momentOf(clock, DOSE, NOW + 1000 * seconds);

// Work to 40, rest to 55, work to 95.
it.each([
  [10, 10.2, null],
  [36.9, 37.1, 'tick'],
  [38.9, 39.1, 'tick'],
  [36.5, 36.7, null],
  [39.9, 40.1, 'end'],
  [54.9, 55.1, 'begin'],
  [94.9, 95.1, 'end'],
  [95.1, 500, null],
  [20, 300, 'end'],
] as const)('between %p and %p seconds: %p', (before, now, cue) => {
  expect(cueBetween(at(before), at(now))).toBe(cue);
});

it('a paused drill says nothing', () => {
  const paused: SetClock = { set: 0, runningSince: null, workedS: 39 };
  expect(cueBetween(at(38), at(0, paused))).toBeNull();
});

import { dayIn, timeIn } from '../src/foundation/time/zoned';

it.each([
  ['2026-11-24T23:30:00Z', 'UTC', '2026-11-24', '23:30'],
  ['2026-11-24T23:30:00Z', 'Europe/Brussels', '2026-11-25', '00:30'],
  ['2026-11-25T01:10:00Z', 'America/Chicago', '2026-11-24', '19:10'],
  // Clocks go back in the night to 25 October 2026: 02:30 comes twice.
  ['2026-10-25T00:30:00Z', 'Europe/Brussels', '2026-10-25', '02:30'],
  ['2026-10-25T01:30:00Z', 'Europe/Brussels', '2026-10-25', '02:30'],
  ['2026-11-24T12:00:00Z', 'Pacific/Kiritimati', '2026-11-25', '02:00'],
  ['2026-11-24T12:00:00Z', 'Asia/Kolkata', '2026-11-24', '17:30'],
])('%s in %s is %s, %s', (moment, zone, day, time) => {
  expect([dayIn(new Date(moment), zone), timeIn(new Date(moment), zone)]).toEqual([day, time]);
});

import { NO_WEEK_WISH, oneDrill, type HomePlanRecord, type Versioned } from '@taxikine/core';

/** A plan for home with the pattern itself and nothing else. */
export const planOf = (
  part: Pick<HomePlanRecord, 'id' | 'clientId' | 'visitId' | 'startsOn'>,
): Versioned<HomePlanRecord> => ({
  version: 1,
  pattern: 'squat',
  approach: 'blended',
  weeks: 6,
  timeZone: 'Europe/Oslo',
  minutes: 15,
  days: ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'],
  moments: ['07:30', '20:00'],
  trainings: [],
  kit: [],
  flags: [],
  drills: [
    {
      drill: 'squat-to-target',
      own: null,
      side: null,
      targets: [],
      dose: oneDrill('squat-to-target').dose,
      rung: null,
      worth: 0.3,
      known: true,
    },
  ],
  wish: NO_WEEK_WISH,
  note: '',
  answers: [],
  madeOn: `${part.startsOn}T10:00:00.000Z`,
  endedOn: null,
  ...part,
});

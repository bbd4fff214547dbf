import type { DemoClient } from '../builder';

/** In the room right now: sits all day, tips back at depth, a hand on the post settles it. */
export const potter: DemoClient = {
  key: 'potter',
  client: {
    name: 'Ysolde Marchetti-Bree',
    about: 'potter, sits at the wheel',
    heightM: 1.66,
    goal: 'to sit on the floor with the grandchildren and get up again',
    approach: 'blended',
    footwear: 'flat',
    home: {
      kit: ['mat', 'post'],
      minutes: 8,
      days: ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'],
    },
    massKg: 63,
    history: [{ what: 'sitting' }],
  },
  visits: [
    {
      daysAgo: 0,
      faults: [
        { fault: 'depth-short', phase: 'bottom', grade: 'plain', value: 24, unit: 'deg' },
        { fault: 'tips-back', phase: 'bottom', grade: 'plain' },
      ],
      clear: ['heel-lifts', 'hips-slide'],
      rating: 'hard',
      probes: [
        {
          probe: 'post',
          setup: { hands: 'post' },
          outcomes: [
            { fault: 'depth-short', outcome: 'better' },
            { fault: 'tips-back', outcome: 'better' },
          ],
        },
      ],
      checks: [
        { check: 'ankle-bend-knee-bent', side: 'left', passive: 39 },
        { check: 'ankle-bend-knee-bent', side: 'right', passive: 40 },
      ],
      step: 'check',
    },
  ],
};

import type { DemoClient, DemoClimb, DemoVisit } from '../builder';

/** An earlier look: short of depth by so many degrees, before and after, and a rung of the squat ladder. */
const earlier = (
  daysAgo: number,
  short: [before: number, after: number],
  climb: Omit<DemoClimb, 'ladder'>,
): DemoVisit => ({
  daysAgo,
  faults: [
    { fault: 'depth-short', phase: 'bottom', grade: 'marked', value: short[0], unit: 'deg' },
    { fault: 'tips-back', phase: 'bottom', grade: 'marked' },
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
  checks: [{ check: 'ankle-bend-knee-bent', side: 'right', passive: 40 }],
  climbs: [{ ladder: 'fading-counterweight-squat', ...climb }],
  step: 'verdict',
  again: {
    faults: [
      { fault: 'depth-short', phase: 'bottom', grade: 'plain', value: short[1], unit: 'deg' },
      { fault: 'tips-back', phase: 'bottom', grade: 'plain' },
    ],
    rating: 'medium',
  },
});

/**
 * In the room right now: sits all day, tips back at depth, a hand on the post settles it. Squats with a
 * weight ahead that gets lighter.
 */
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
    earlier(35, [41, 33], { rung: 'rail' }),
    earlier(21, [34, 27], { rung: 'ahead-10', kg: 6 }),
    earlier(7, [29, 25], { rung: 'ahead-5', kg: 4, missed: ['heel-stays'] }),
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

import type { DemoClient } from '../builder';

/** Built that way: long thighs fold the trunk, and the stance is what changes. */
export const lighthouseKeeper: DemoClient = {
  key: 'lighthouse-keeper',
  client: {
    name: 'Anselm Quay',
    about: 'lighthouse keeper, climbs 214 steps a day',
    heightM: 1.9,
    massKg: 84,
    segments: { thighM: 0.52, shankM: 0.44 },
  },
  visits: [
    {
      daysAgo: 38,
      faults: [{ fault: 'trunk-folds', phase: 'bottom', grade: 'marked', value: 61, unit: 'deg' }],
      clear: ['heel-lifts', 'hips-slide'],
      rating: 'hard',
      checks: [{ check: 'ankle-bend-knee-bent', side: 'left', passive: 42 }],
      climbs: [
        { ladder: 'one-leg-climb', side: 'left', rung: 'high-seat' },
        { ladder: 'one-leg-climb', side: 'right', rung: 'high-seat' },
      ],
      step: 'verdict',
      again: {
        faults: [
          { fault: 'trunk-folds', phase: 'bottom', grade: 'marked', value: 60, unit: 'deg' },
        ],
        rating: 'hard',
      },
    },
    {
      daysAgo: 16,
      faults: [{ fault: 'trunk-folds', phase: 'bottom', grade: 'marked', value: 58, unit: 'deg' }],
      clear: ['heel-lifts', 'hips-slide'],
      rating: 'hard',
      probes: [
        {
          probe: 'wider',
          setup: { stanceCm: 56, toeOutDeg: { left: 22, right: 22 } },
          outcomes: [{ fault: 'trunk-folds', outcome: 'better' }],
        },
        {
          probe: 'held-ahead',
          setup: { load: { at: 'ahead', kg: 5 } },
          outcomes: [{ fault: 'trunk-folds', outcome: 'better' }],
        },
      ],
      checks: [
        { check: 'ankle-bend-knee-bent', side: 'left', passive: 42 },
        { check: 'ankle-bend-knee-bent', side: 'right', passive: 43 },
      ],
      step: 'work',
      drillsDone: 3,
      climbs: [
        { ladder: 'one-leg-climb', side: 'left', rung: 'seat-up' },
        { ladder: 'one-leg-climb', side: 'right', rung: 'seat-up', missed: ['slow-down'] },
      ],
    },
  ],
};

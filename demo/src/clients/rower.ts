import type { DemoClient } from '../builder';

/** Sits and pulls for a living: the rear hip does not go behind in a split squat. */
export const rower: DemoClient = {
  key: 'rower',
  client: {
    name: 'Linnea Castell',
    about: 'rows in a coxless four, bow side',
    heightM: 1.83,
    goal: 'long in the catch on both sides',
    approach: 'strength-through-range',
    footwear: 'flat',
    home: { kit: ['band', 'weight', 'mat'], minutes: 20, days: ['tue', 'thu', 'sun'] },
    massKg: 79,
    history: [{ what: 'sitting' }, { what: 'one-sided-habit', region: 'hip', side: 'right' }],
  },
  visits: [
    {
      pattern: 'split',
      daysAgo: 9,
      faults: [
        {
          fault: 'rear-hip-stops',
          side: 'right',
          phase: 'bottom',
          grade: 'plain',
          value: 6,
          unit: 'deg',
        },
        { fault: 'back-arches', phase: 'down', grade: 'slight' },
      ],
      clear: ['knee-in', 'knee-wobbles'],
      rating: 'medium',
      checks: [
        { check: 'hip-extend', side: 'right', passive: -5, felt: 'front' },
        { check: 'hip-extend', side: 'left', passive: 7 },
        { check: 'knee-bend', side: 'right', passive: 139 },
      ],
      step: 'work',
      drillsDone: 0,
    },
  ],
};

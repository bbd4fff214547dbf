import type { DemoClient } from '../builder';

/**
 * Seventeen: a guardian has consented. The knee was first put down to the ankle; the ankle got better and
 * the knee did not, and the next visit found the side hip. Then a knee that gives way: nothing goes on.
 */
export const sailTrimmer: DemoClient = {
  key: 'sail-trimmer',
  client: {
    name: 'Jory Penhale',
    about: 'sail trimmer, seventeen',
    heightM: 1.76,
    massKg: 64,
    flags: ['minor'],
    consent: { on: '2026-09-02', wording: '2026-1', guardian: 'Wenna Penhale' },
  },
  visits: [
    {
      daysAgo: 33,
      faults: [
        { fault: 'knee-in', side: 'left', phase: 'up', grade: 'plain', value: 10, unit: 'deg' },
      ],
      clear: ['hips-slide', 'foot-turns-out', 'tips-back'],
      rating: 'medium',
      checks: [
        { check: 'ankle-bend-knee-bent', side: 'left', passive: 29, felt: 'front' },
        { check: 'ankle-bend-knee-bent', side: 'right', passive: 41 },
        { check: 'hip-bend', side: 'left', passive: 121 },
      ],
      step: 'verdict',
      again: {
        faults: [
          { fault: 'knee-in', side: 'left', phase: 'up', grade: 'plain', value: 9, unit: 'deg' },
        ],
        rating: 'medium',
        checks: [{ check: 'ankle-bend-knee-bent', side: 'left', passive: 36 }],
      },
    },
    {
      daysAgo: 19,
      faults: [
        { fault: 'knee-in', side: 'left', phase: 'up', grade: 'plain', value: 10, unit: 'deg' },
      ],
      clear: ['hips-slide', 'foot-turns-out', 'tips-back'],
      rating: 'medium',
      probes: [
        {
          probe: 'knees-out-cue',
          outcomes: [{ fault: 'knee-in', side: 'left', outcome: 'same' }],
        },
      ],
      checks: [
        { check: 'ankle-bend-knee-bent', side: 'left', passive: 36 },
        { check: 'side-hip-hold', side: 'left', active: 14 },
        { check: 'side-hip-hold', side: 'right', active: 43 },
        { check: 'one-leg-stand-bend', side: 'left', result: 'wobbles' },
      ],
      step: 'verdict',
      again: {
        faults: [],
        clear: ['knee-in@left'],
        rating: 'easy',
        checks: [],
      },
    },
    { daysAgo: 2, positives: ['locks-gives-way'], faults: [], step: 'ask' },
  ],
  home: { startedDaysAgo: 10, done: 0.9, silent: 0.05, pain: { daysAgo: 2, score: 3 } },
};

import type { DemoClient } from '../builder';

/** A fused ankle is a fact, not a fault: the heel goes on a wedge and the asymmetry is marked. */
export const beekeeper: DemoClient = {
  key: 'beekeeper',
  client: {
    name: 'Tamsin Okonkwo-Reyes',
    about: 'beekeeper, right ankle fused',
    heightM: 1.69,
    massKg: 68,
    given: [{ cause: 'fixed-ankle', side: 'right' }],
    goal: 'to lift frames from the lowest box',
    approach: 'fit-the-movement',
    footwear: 'flat',
    home: { kit: ['wedge'], minutes: 8, days: ['tue', 'thu', 'sat'] },
    contact: { email: 'tamsin@hives.example', reminders: false },
  },
  visits: [
    {
      daysAgo: 40,
      faults: [
        {
          fault: 'heel-lifts',
          side: 'right',
          phase: 'bottom',
          grade: 'plain',
          value: 19,
          unit: 'mm',
        },
        {
          fault: 'trunk-side-bends',
          side: 'right',
          phase: 'bottom',
          grade: 'plain',
          value: 11,
          unit: 'deg',
        },
      ],
      rating: 'hard',
      checks: [{ check: 'double-leg-lift', result: 'lost', braced: 'wavers' }],
      step: 'verdict',
      again: {
        faults: [
          {
            fault: 'heel-lifts',
            side: 'right',
            phase: 'bottom',
            grade: 'plain',
            value: 18,
            unit: 'mm',
          },
          {
            fault: 'trunk-side-bends',
            side: 'right',
            phase: 'bottom',
            grade: 'slight',
            value: 7,
            unit: 'deg',
          },
        ],
        rating: 'medium',
      },
    },
    {
      daysAgo: 12,
      faults: [
        {
          fault: 'hips-slide',
          side: 'left',
          phase: 'bottom',
          grade: 'plain',
          value: 26,
          unit: 'mm',
        },
        {
          fault: 'heel-lifts',
          side: 'right',
          phase: 'bottom',
          grade: 'plain',
          value: 18,
          unit: 'mm',
        },
        {
          fault: 'trunk-side-bends',
          side: 'right',
          phase: 'bottom',
          grade: 'plain',
          value: 9,
          unit: 'deg',
        },
      ],
      rating: 'medium',
      probes: [
        {
          probe: 'heels-up',
          setup: { heelLiftMm: 25 },
          outcomes: [{ fault: 'trunk-side-bends', side: 'right', outcome: 'better' }],
        },
      ],
      checks: [
        { check: 'ankle-bend-knee-bent', side: 'left', passive: 39 },
        { check: 'double-leg-lift', result: 'wavers', braced: 'holds' },
      ],
      step: 'verdict',
      again: {
        faults: [
          {
            fault: 'hips-slide',
            side: 'left',
            phase: 'bottom',
            grade: 'slight',
            value: 21,
            unit: 'mm',
          },
          {
            fault: 'heel-lifts',
            side: 'right',
            phase: 'bottom',
            grade: 'plain',
            value: 17,
            unit: 'mm',
          },
        ],
        clear: ['trunk-side-bends'],
        rating: 'easy',
      },
    },
  ],
  home: {
    letter: true,
    startedDaysAgo: 12,
    minutes: 12,
    note: 'Little and often. The bees can wait five minutes.',
    trainings: [{ day: 'tue', at: '20:15', minutes: 60 }],
    done: 0.75,
    silent: 0.15,
  },
};

import type { DemoClient } from '../builder';

/** A prosthesis below the left knee: its side is marked and not scored, the other is looked at. */
export const boatRestorer: DemoClient = {
  key: 'boat-restorer',
  client: {
    name: 'Idris Falkenrath',
    about: 'restores wooden boats, prosthesis below the left knee',
    heightM: 1.78,
    massKg: 84,
    flags: ['prosthesis'],
    given: [{ cause: 'prosthesis', side: 'left', region: 'calf' }],
    goal: 'to work under the keel on both feet',
    approach: 'fit-the-movement',
    footwear: 'prosthetic',
    home: { kit: ['post', 'wedge', 'weight'], minutes: 15, days: ['tue', 'sat'] },
  },
  visits: [
    {
      daysAgo: 34,
      setup: { shoes: 'prosthetic', hands: 'post' },
      faults: [
        {
          fault: 'hips-slide',
          side: 'right',
          phase: 'bottom',
          grade: 'marked',
          value: 46,
          unit: 'mm',
        },
      ],
      clear: ['knee-in', 'trunk-folds'],
      rating: 'hard',
      holdS: 9.6,
      checks: [
        { check: 'side-hip-hold', side: 'left', active: 9 },
        { check: 'side-hip-hold', side: 'right', active: 40 },
      ],
      step: 'verdict',
      again: {
        faults: [
          {
            fault: 'hips-slide',
            side: 'right',
            phase: 'bottom',
            grade: 'plain',
            value: 37,
            unit: 'mm',
          },
        ],
        rating: 'medium',
        checks: [{ check: 'side-hip-hold', side: 'left', active: 14 }],
      },
    },
    {
      daysAgo: 6,
      setup: { shoes: 'prosthetic', hands: 'post' },
      faults: [
        {
          fault: 'heel-lifts',
          side: 'left',
          phase: 'bottom',
          grade: 'plain',
          value: 21,
          unit: 'mm',
        },
        {
          fault: 'hips-slide',
          side: 'right',
          phase: 'bottom',
          grade: 'plain',
          value: 33,
          unit: 'mm',
        },
      ],
      clear: ['knee-in', 'trunk-folds'],
      rating: 'medium',
      holdS: 22.4,
      checks: [
        { check: 'ankle-bend-knee-bent', side: 'right', passive: 38 },
        { check: 'hip-bend', side: 'left', passive: 112, active: 99, cheats: ['pelvis'] },
        { check: 'hip-bend', side: 'right', passive: 118, active: 112 },
        { check: 'side-hip-hold', side: 'left', active: 16 },
        { check: 'side-hip-hold', side: 'right', active: 41 },
      ],
      step: 'trace',
    },
  ],
};

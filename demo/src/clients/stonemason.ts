import type { DemoClient } from '../builder';

const slide = (value: number, grade: 'slight' | 'plain' | 'marked') =>
  ({ fault: 'hips-slide', side: 'left', phase: 'bottom', grade, value, unit: 'mm' }) as const;

/** An old sprain: hips run from a right ankle that will not bend. Two visits, kept in between. */
export const stonemason: DemoClient = {
  key: 'stonemason',
  client: {
    name: 'Maren Osei-Talbot',
    about: 'stonemason, kneels on the right',
    heightM: 1.72,
    massKg: 71,
    history: [
      { what: 'sprain', region: 'ankle', side: 'right' },
      { what: 'one-sided-habit', side: 'right', note: 'Kneels on one knee' },
    ],
    goal: 'to squat down to the low courses without the back tiring',
    approach: 'ground-up',
    footwear: 'heeled',
    home: { kit: ['wall', 'wedge', 'mat'], minutes: 12, days: ['mon', 'wed', 'fri', 'sun'] },
    contact: { email: 'maren@quarry.example', reminders: true },
  },
  visits: [
    {
      daysAgo: 23,
      faults: [
        slide(41, 'marked'),
        {
          fault: 'foot-turns-out',
          side: 'right',
          phase: 'down',
          grade: 'plain',
          value: 11,
          unit: 'deg',
        },
        { fault: 'trunk-folds', phase: 'bottom', grade: 'plain', value: 52, unit: 'deg' },
      ],
      clear: ['knee-in', 'tips-back'],
      rating: 'medium',
      reps: [2.3, 2.1, 2.4, 2.2, 2.6].map((downS) => ({ downS, upS: 1.4 })),
      notes: [
        { phrase: 'feet-shift', phase: 'down' },
        { phrase: 'worse-later', phase: 'bottom' },
      ],
      probes: [
        {
          probe: 'heels-up',
          setup: { heelLiftMm: 25 },
          outcomes: [
            { fault: 'hips-slide', side: 'left', outcome: 'better' },
            { fault: 'trunk-folds', outcome: 'better' },
          ],
        },
        {
          probe: 'post',
          setup: { hands: 'post' },
          outcomes: [{ fault: 'hips-slide', side: 'left', outcome: 'same' }],
        },
      ],
      checks: [
        { check: 'ankle-bend-knee-bent', side: 'left', passive: 41 },
        {
          check: 'ankle-bend-knee-bent',
          side: 'right',
          passive: 25,
          felt: 'front',
          repeats: { passive: [24, 25, 26] },
          device: 'phone inclinometer',
        },
        { check: 'ankle-bend-knee-straight', side: 'right', passive: 20 },
        { check: 'hip-bend', side: 'left', passive: 121, active: 114 },
        { check: 'hip-bend', side: 'right', passive: 119, active: 112 },
      ],
      step: 'verdict',
      again: {
        faults: [
          slide(19, 'slight'),
          {
            fault: 'foot-turns-out',
            side: 'right',
            phase: 'down',
            grade: 'slight',
            value: 6,
            unit: 'deg',
          },
          { fault: 'trunk-folds', phase: 'bottom', grade: 'plain', value: 49, unit: 'deg' },
        ],
        rating: 'easy',
        checks: [{ check: 'ankle-bend-knee-bent', side: 'right', passive: 31 }],
      },
    },
    {
      daysAgo: 9,
      faults: [
        slide(24, 'plain'),
        { fault: 'trunk-folds', phase: 'bottom', grade: 'slight', value: 46, unit: 'deg' },
      ],
      clear: ['knee-in', 'tips-back', 'foot-turns-out'],
      rating: 'medium',
      probes: [
        {
          probe: 'heels-up',
          setup: { heelLiftMm: 25 },
          outcomes: [{ fault: 'hips-slide', side: 'left', outcome: 'better' }],
        },
      ],
      checks: [
        { check: 'ankle-bend-knee-bent', side: 'left', passive: 41 },
        { check: 'ankle-bend-knee-bent', side: 'right', passive: 30, felt: 'front' },
      ],
      step: 'verdict',
      again: {
        faults: [
          { fault: 'trunk-folds', phase: 'bottom', grade: 'slight', value: 42, unit: 'deg' },
          slide(5, 'slight'),
        ],
        rating: 'easy',
        checks: [{ check: 'ankle-bend-knee-bent', side: 'right', passive: 36 }],
      },
    },
  ],
  home: { startedDaysAgo: 6, letter: true, done: 0.4, silent: 0.5 },
};

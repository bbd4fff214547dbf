import type { DemoClient } from '../builder';

/** An old knee repair and night pain: referred out, cleared by a physiotherapist, back on the floor. */
export const deckhand: DemoClient = {
  key: 'deckhand',
  client: {
    name: 'Rafe Lindqvist-Amadi',
    about: 'ferry deckhand, old left knee repair',
    heightM: 1.81,
    massKg: 93,
    history: [
      { what: 'ligament', region: 'knee', side: 'left' },
      { what: 'operation', region: 'knee', side: 'left' },
    ],
  },
  clearances: [
    {
      question: 'night-pain',
      by: 'Dr. Oona Feld, sports physician',
      daysAgo: 20,
      scope: 'bodyweight squats, no jumps',
      reported: 0,
      recorded: 1,
    },
  ],
  visits: [
    { daysAgo: 30, positives: ['night-pain'], faults: [], step: 'ask' },
    {
      daysAgo: 15,
      faults: [
        {
          fault: 'hips-slide',
          side: 'right',
          phase: 'bottom',
          grade: 'plain',
          value: 32,
          unit: 'mm',
        },
        { fault: 'hips-rise-first', phase: 'up', grade: 'slight', value: 9, unit: 'deg' },
      ],
      clear: ['heel-lifts', 'knee-in'],
      pain: [{ region: 'knee', side: 'left', phase: 'bottom', score: 2, kind: 'ache' }],
      rating: 'medium',
      probes: [
        {
          probe: 'heels-up',
          setup: { heelLiftMm: 25 },
          outcomes: [{ fault: 'hips-slide', side: 'right', outcome: 'same' }],
        },
      ],
      checks: [
        { check: 'ankle-bend-knee-bent', side: 'left', passive: 40 },
        { check: 'ankle-bend-knee-bent', side: 'right', passive: 39 },
        { check: 'knee-extend-strength', side: 'left', active: 3 },
        { check: 'knee-extend-strength', side: 'right', active: 8 },
        { check: 'hip-bend', side: 'left', passive: 120 },
      ],
      step: 'verdict',
      again: {
        faults: [
          {
            fault: 'hips-slide',
            side: 'right',
            phase: 'bottom',
            grade: 'plain',
            value: 27,
            unit: 'mm',
          },
          { fault: 'hips-rise-first', phase: 'up', grade: 'slight', value: 8, unit: 'deg' },
        ],
        rating: 'medium',
      },
    },
  ],
};

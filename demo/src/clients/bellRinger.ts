import type { DemoClient } from '../builder';

/** A hinge that stops early on one side, with electric pulls: a nerve, not a short muscle. */
export const bellRinger: DemoClient = {
  key: 'bell-ringer',
  client: {
    name: 'Corentin Blythe-Okafor',
    about: 'bell-ringer, electric pulls down the right leg',
    heightM: 1.78,
    massKg: 77,
    history: [{ what: 'pain', region: 'back', side: 'right' }],
  },
  visits: [
    {
      pattern: 'hinge',
      daysAgo: 12,
      faults: [
        { fault: 'range-stops-early', phase: 'bottom', grade: 'plain', value: 58, unit: 'deg' },
        { fault: 'back-rounds', phase: 'bottom', grade: 'slight' },
      ],
      clear: ['knee-out-finish', 'load-drifts'],
      pain: [{ region: 'calf', side: 'right', phase: 'bottom', score: 3, kind: 'electric' }],
      rating: 'medium',
      probes: [{ probe: 'brace', outcomes: [{ fault: 'range-stops-early', outcome: 'same' }] }],
      checks: [
        { check: 'straight-leg-raise', side: 'right', passive: 49, felt: 'line' },
        { check: 'straight-leg-raise', side: 'left', passive: 77, felt: 'belly' },
        { check: 'nerve-slump', side: 'right', result: 'yes' },
        { check: 'nerve-slump', side: 'left', result: 'no' },
      ],
      step: 'verdict',
      again: {
        faults: [
          { fault: 'range-stops-early', phase: 'bottom', grade: 'slight', value: 71, unit: 'deg' },
        ],
        clear: ['back-rounds'],
        rating: 'easy',
        checks: [{ check: 'straight-leg-raise', side: 'right', passive: 61, felt: 'line' }],
      },
    },
  ],
};

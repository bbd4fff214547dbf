import type { DemoClient } from '../builder';

/**
 * A hinge that stops early on one side, with electric pulls: a nerve, not a short muscle. What the first
 * visit won was gone at the second; then he slid it every day. Climbs the hinge.
 */
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
      daysAgo: 40,
      faults: [
        { fault: 'range-stops-early', phase: 'bottom', grade: 'marked', value: 49, unit: 'deg' },
      ],
      clear: ['knee-out-finish', 'load-drifts', 'back-rounds'],
      rating: 'hard',
      checks: [
        { check: 'straight-leg-raise', side: 'right', passive: 44, felt: 'line' },
        { check: 'nerve-slump', side: 'right', result: 'yes' },
      ],
      climbs: [{ ladder: 'hinge-climb', rung: 'wall' }],
      step: 'verdict',
      again: {
        faults: [
          { fault: 'range-stops-early', phase: 'bottom', grade: 'slight', value: 60, unit: 'deg' },
        ],
        rating: 'medium',
        checks: [{ check: 'straight-leg-raise', side: 'right', passive: 55, felt: 'line' }],
      },
    },
    {
      pattern: 'hinge',
      daysAgo: 26,
      faults: [
        { fault: 'range-stops-early', phase: 'bottom', grade: 'marked', value: 50, unit: 'deg' },
      ],
      clear: ['knee-out-finish', 'load-drifts', 'back-rounds'],
      rating: 'hard',
      checks: [
        { check: 'straight-leg-raise', side: 'right', passive: 45, felt: 'line' },
        { check: 'nerve-slump', side: 'right', result: 'yes' },
      ],
      climbs: [{ ladder: 'hinge-climb', rung: 'stick', missed: ['back-keeps'] }],
      step: 'verdict',
      again: {
        faults: [
          { fault: 'range-stops-early', phase: 'bottom', grade: 'plain', value: 58, unit: 'deg' },
        ],
        rating: 'medium',
        checks: [{ check: 'straight-leg-raise', side: 'right', passive: 52, felt: 'line' }],
      },
    },
    {
      pattern: 'hinge',
      daysAgo: 12,
      climbs: [{ ladder: 'hinge-climb', rung: 'stick' }],
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

import type { DemoClient, DemoVisit } from '../builder';

/** An earlier look: how far the trunk folded with the arms up, and the mid-back turned, before and after. */
const earlier = (
  daysAgo: number,
  folds: [before: number, after: number],
  turns: [before: number, after: number],
): DemoVisit => ({
  daysAgo,
  setup: { arms: 'overhead' },
  faults: [
    { fault: 'overhead-folds', phase: 'bottom', grade: 'marked', value: folds[0], unit: 'deg' },
  ],
  clear: ['heel-lifts', 'hips-slide', 'knee-in'],
  rating: 'hard',
  checks: [
    { check: 'midback-turn', side: 'left', active: turns[0] },
    { check: 'shoulder-raise', side: 'left', passive: 169 },
    { check: 'double-leg-lift', result: 'holds' },
  ],
  step: 'verdict',
  again: {
    faults: [
      { fault: 'overhead-folds', phase: 'bottom', grade: 'plain', value: folds[1], unit: 'deg' },
    ],
    rating: 'medium',
    checks: [{ check: 'midback-turn', side: 'left', active: turns[1] }],
  },
});

/** Fine with the arms down, folded with them up: a stiff mid-back, not the ankles. Most of each gain is kept. */
export const cellist: DemoClient = {
  key: 'cellist',
  client: {
    name: 'Marguerite Solheim',
    about: 'cellist, six hours a day on a low chair',
    heightM: 1.64,
    massKg: 58,
    history: [
      { what: 'sitting' },
      { what: 'one-sided-habit', side: 'left', note: 'Works or plays one-sided' },
    ],
    goal: 'to reach the top shelf without arching',
    approach: 'steady-first',
    footwear: 'flat',
    home: { kit: ['mat', 'wall'], minutes: 12, days: ['mon', 'wed', 'fri'] },
    contact: { email: 'marguerite@strings.example', reminders: true },
  },
  visits: [
    earlier(45, [24, 19], [22, 29]),
    earlier(31, [20, 16], [27, 33]),
    {
      daysAgo: 17,
      setup: { arms: 'overhead' },
      faults: [
        { fault: 'overhead-folds', phase: 'bottom', grade: 'marked', value: 17, unit: 'deg' },
        { fault: 'back-arches', phase: 'start', grade: 'plain' },
      ],
      clear: ['heel-lifts', 'hips-slide', 'knee-in'],
      rating: 'medium',
      reps: [
        { downS: 3.1, upS: 2.2 },
        { downS: 3.4, upS: 2.1 },
        { downS: 3.2, upS: 2.4 },
      ],
      notes: [{ phrase: 'after-long-sitting', phase: 'start' }],
      probes: [{ probe: 'brace', outcomes: [{ fault: 'overhead-folds', outcome: 'same' }] }],
      checks: [
        {
          check: 'midback-turn',
          side: 'left',
          active: 31,
          repeats: { active: [30, 32] },
          device: 'phone inclinometer',
        },
        { check: 'midback-turn', side: 'right', active: 34 },
        { check: 'shoulder-raise', side: 'left', passive: 170 },
        { check: 'shoulder-raise', side: 'right', passive: 168 },
        { check: 'double-leg-lift', result: 'holds' },
      ],
      step: 'verdict',
      again: {
        faults: [
          { fault: 'overhead-folds', phase: 'bottom', grade: 'slight', value: 9, unit: 'deg' },
        ],
        clear: ['back-arches'],
        rating: 'easy',
        checks: [{ check: 'midback-turn', side: 'left', active: 43 }],
      },
    },
  ],
  home: {
    letter: true,
    startedDaysAgo: 9,
    note: 'Before you tune, not after.',
    done: 0.6,
    silent: 0.3,
    pain: { daysAgo: 1, score: 6, sharp: true },
  },
};

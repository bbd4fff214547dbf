import type { DemoClient } from '../builder';

/** Seventeen: a guardian has consented. Reported a knee that gives way today, so nothing goes on. */
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
  visits: [{ daysAgo: 2, positives: ['locks-gives-way'], faults: [], step: 'ask' }],
};

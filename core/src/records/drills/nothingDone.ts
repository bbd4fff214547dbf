import type { DrillRecord } from './drillRecord';

/** What a drill holds before it was begun. */
export const NOTHING_DONE = {
  own: null,
  form: 'usual',
  rung: null,
  status: 'planned',
  clock: { set: 0, runningSince: null, workedS: 0 },
  log: [],
  keep: null,
  pain: null,
  painOn: null,
  doneOn: null,
  removed: false,
} satisfies Partial<DrillRecord>;

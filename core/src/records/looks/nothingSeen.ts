import type { LookRecord } from './lookRecord';

/** What a look holds before anything was seen. */
export const NOTHING_SEEN = {
  faults: [],
  clear: [],
  pain: [],
  rating: null,
  reps: [],
  notes: [],
  hold: null,
  recordings: [],
} satisfies Partial<LookRecord>;

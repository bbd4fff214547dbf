import type { ProbeRecord } from './probeRecord';

/** What a probe holds before it was looked what it changes. */
export const NOTHING_TRIED = {
  outcomes: [],
  removed: false,
} satisfies Partial<ProbeRecord>;

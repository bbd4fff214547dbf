import type { CheckRecord } from './checkRecord';

/** What a check holds before anything was measured. */
export const NOTHING_MEASURED = {
  passive: null,
  active: null,
  braced: null,
  result: null,
  felt: null,
  pinch: null,
  repeats: {},
  cheats: [],
  held: false,
  pain: null,
  device: null,
  afterDrill: null,
} satisfies Partial<CheckRecord>;

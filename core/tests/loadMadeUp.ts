import type { DrillLoad } from '../src/knowledge/drillLoad';

/** What somebody who sits still does to their body, but for what a test says. */
export const load = (part: Partial<DrillLoad> = {}): DrillLoad => ({
  joints: {},
  carries: 'nothing',
  back: 'still',
  on: 'seat',
  ...part,
});

import { weekdayOf } from '@taxikine/core/foundation/time/calendarDay';
import type { HomePlan } from '@taxikine/core/records/homePlans/homePlan';
import type { WeekStage } from '@taxikine/core/planning/home/weekInput';

/** Weeks of a course differ by their kind only. */
export const WEEK_KINDS = ['first', 'usual', 'lighter'] as const;
export type WeekKind = (typeof WEEK_KINDS)[number];

export const stageOfKind = (kind: WeekKind, { startsOn }: HomePlan): WeekStage => ({
  introduces: kind === 'first',
  deload: kind === 'lighter',
  begins: weekdayOf(startsOn),
});

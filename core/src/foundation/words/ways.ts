import type { UnitSystem } from './unitSystem';

/** Days that weeks begin with, where people live. */
export const WEEK_STARTS = ['mon', 'sun', 'sat'] as const;
type WeekStart = (typeof WEEK_STARTS)[number];

/** How a practice says lengths, masses, days and weeks. */
export interface Ways {
  readonly units: UnitSystem;
  /** IANA name of the zone whose days are meant; null: the device's own, and UTC where there is no device. */
  readonly timeZone: string | null;
  readonly weekStart: WeekStart;
}

/** Of a practice that has decided nothing. */
export const USUAL_WAYS: Ways = { units: 'metric', timeZone: null, weekStart: 'mon' };

import type { DoseToday } from '@taxikine/core/planning/home/asTheyMayBe';
import type { PageDrill } from '@taxikine/core/planning/home/homePage';

/** A dose that is being played, or told of. */
export interface ChosenDose {
  readonly dose: DoseToday;
  readonly drill: PageDrill;
}

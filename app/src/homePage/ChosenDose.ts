import type { DoseToday } from '@taxikine/core/week/asTheyMayBe';
import type { PageDrill } from '@taxikine/core/week/homePage';

/** A dose that is being played, or told of. */
export interface ChosenDose {
  readonly dose: DoseToday;
  readonly drill: PageDrill;
}

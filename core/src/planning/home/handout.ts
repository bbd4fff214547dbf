import type { Dose, DrillRow } from '../../knowledge/drillRow';
import type { Weekday } from '../../foundation/time/weekdays';
import type { MaybeSide } from '../../foundation/sides/side';
import { careOf, type CareFor } from '../../inference/safety/careOf';
import { drillOf } from '../../records/drills/drillOf';
import type { ClockTime } from '../../foundation/time/clockTime';
import { reviewDays } from './course';
import type { HomeDrill, HomePlan } from '../../records/homePlans/homePlan';
import type { HomeEntry } from '../../records/homeEntries/homeEntry';
import { drillState, halvedDose, type DrillState } from './homeState';
import type { PlacedDose } from './placedDoses';
import { planWeek } from './planWeek';
import { drillKey } from '../../knowledge/keys';
import { weekFrom } from '../../foundation/time/calendarDay';

/** A drill on the handout, with the number it has in the grid. */
export interface HandoutDrill {
  readonly number: number;
  readonly drill: HomeDrill;
  readonly row: DrillRow;
  readonly side: MaybeSide;
  /** One sitting. */
  readonly dose: Dose;
  readonly timesAWeek: number;
  /** How this client is to do it. */
  readonly care: readonly string[];
}

/** One time of a day: the numbers of what is done then. */
interface HandoutSitting {
  readonly at: ClockTime;
  readonly numbers: readonly number[];
}

export interface Handout {
  readonly drills: readonly HandoutDrill[];
  readonly grid: readonly { readonly day: Weekday; readonly sittings: readonly HandoutSitting[] }[];
  /** Days to look again, `yyyy-mm-dd`. */
  readonly reviews: readonly string[];
}

const onPaper: readonly DrillState[] = ['go', 'easier', 'halved'];

/** Sittings of the usual week that pain from home has not stopped, at the dose it has left. */
function dosesOf(plan: HomePlan, entries: readonly HomeEntry[]): PlacedDose[] {
  const week = planWeek(plan, { introduces: false, deload: false, begins: 'mon' });
  if (week.status !== 'planned') return [];
  return week.doses.flatMap((one): PlacedDose[] => {
    const state = drillState(one.key, entries, plan.answers);
    if (!onPaper.includes(state)) return [];
    return [state === 'halved' ? { ...one, dose: halvedDose(one.dose) } : one];
  });
}

/**
 * What of a plan is put on paper: its usual week, in which every drill has a number in the order in which
 * it is done. A drill that pain has stopped is not on it.
 *
 * @param known what is looked out for at home
 * @param begins the day that weeks begin with where it is read
 */
export function handoutOf(
  plan: HomePlan,
  entries: readonly HomeEntry[],
  known: CareFor,
  begins: Weekday = 'mon',
): Handout {
  const doses = dosesOf(plan, entries);
  const keys = [...new Set(doses.map(({ key }) => key))];
  const there = keys.map((key) => plan.drills.find((one) => drillKey(one) === key)!);
  const numberOf = (key: string) => keys.indexOf(key) + 1;
  return {
    drills: there.map((drill, i) => {
      const own = doses.filter(({ key }) => key === drillKey(drill));
      const { side } = drill;
      return {
        number: i + 1,
        drill,
        row: drillOf(drill),
        side,
        dose: own[0].dose,
        timesAWeek: own.length,
        care: careOf(drillOf(drill), side, known),
      };
    }),
    grid: weekFrom(begins).map((day) => {
      const ofDay = doses.filter((one) => one.day === day);
      const times = [...new Set(ofDay.map(({ at }) => at))];
      return {
        day,
        sittings: times.map((at) => ({
          at,
          numbers: ofDay.filter((one) => one.at === at).map(({ key }) => numberOf(key)),
        })),
      };
    }),
    reviews: reviewDays(plan),
  };
}

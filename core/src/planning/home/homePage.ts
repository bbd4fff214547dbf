import type { OwnDrill } from '../../knowledge/ownDrill';
import type { Pattern } from '../../body/stance/patterns';
import { careOf, type CareFor } from '../../inference/safety/careOf';
import { openReferrals } from '../../inference/safety/gate';
import type { MaybeSide } from '../../foundation/sides/side';
import { drillOf } from '../../records/drills/drillOf';
import type { ClientFile } from '../../records/clientFile';
import type { HomePlanRecord } from '../../records/homePlans/homePlanRecord';
import type { Versioned } from '../../records/versioned';
import type { Day } from '../../foundation/time/instant';
import type { RungTry } from '../../records/drills/rungTry';
import { nextReview } from './adherence';
import { careAtHome } from './careAtHome';
import { addDays, daysFrom } from '../../foundation/time/calendarDay';
import { dosesByDay } from './course';
import { isDose, type HomeEntry } from '../../records/homeEntries/homeEntry';
import type { HomeAnswer, HomeDrill } from '../../records/homePlans/homePlan';
import { maybeOpenPlan } from './planAtHome';
import type { PlacedDose } from './placedDoses';
import { drillKey } from '../../knowledge/keys';

/** How far ahead a page that has been opened once works without the server, in days. */
const PAGE_DAYS_AHEAD = 14;
/** How far back what was said is shown again, in days. */
const PAGE_DAYS_BACK = 14;

/** A drill as the page needs it: nothing of why it was chosen. */
export interface PageDrill {
  readonly key: string;
  readonly drill: string;
  readonly own: OwnDrill | null;
  readonly side: MaybeSide;
  readonly rung: RungTry | null;
  /** How this client is to do it; a page that was kept by an older app has none. */
  readonly care?: readonly string[];
}

interface PageDay {
  readonly day: Day;
  readonly doses: readonly PlacedDose[];
}

/** The plan as its client sees it. */
export interface PagePlan {
  readonly id: string;
  readonly version: number;
  readonly pattern: Pattern;
  readonly note: string;
  readonly timeZone: string;
  readonly startsOn: Day;
  readonly weeks: number;
  readonly nextReview: Day | null;
  readonly drills: readonly PageDrill[];
  readonly days: readonly PageDay[];
  readonly answers: readonly HomeAnswer[];
}

/**
 * All that a client's link shows: today's drills and the next ones, and the client's own log. No
 * findings, no causes, no history, no flags by name: what they ask of a drill is said with it.
 */
export interface HomePage {
  readonly practice: string;
  /** First name. */
  readonly client: string;
  readonly plan: PagePlan | null;
  readonly entries: readonly HomeEntry[];
  /** What to do instead, where a stop-and-refer answer holds all drills back; empty otherwise. */
  readonly stop: readonly string[];
}

const withoutAims = (own: OwnDrill | null): OwnDrill | null =>
  own && { ...own, targets: [], excludedBy: [] };

const pageDrill = (one: HomeDrill, known: CareFor): PageDrill => ({
  key: drillKey(one),
  drill: one.drill,
  own: withoutAims(one.own),
  side: one.side,
  rung: one.rung,
  care: careOf(drillOf(one), one.side, known),
});

function pagePlan(plan: Versioned<HomePlanRecord>, known: CareFor, today: Day): PagePlan {
  const doses = dosesByDay(plan);
  // A day before, for a client whose date is not yet ours, and for what was forgotten yesterday.
  const first = daysFrom(plan.startsOn, today) > 0 ? addDays(today, -1) : plan.startsOn;
  const days = Array.from({ length: PAGE_DAYS_AHEAD + 2 }, (_, i) => addDays(first, i));
  const { id, version, pattern, note, timeZone, startsOn, weeks, answers } = plan;
  return {
    ...{ id, version, pattern, note, timeZone, startsOn, weeks, answers },
    nextReview: nextReview(plan, today),
    drills: plan.drills.map((one) => pageDrill(one, known)),
    days: days.map((day) => ({ day, doses: doses(day) })),
  };
}

/** What a client's link shows on a day. */
export function homePage(file: ClientFile, practice: string, today: Day): HomePage {
  const stop = [...new Set(openReferrals(file, null).map(({ say }) => say))];
  const open = maybeOpenPlan(file);
  const since = addDays(today, -PAGE_DAYS_BACK);
  return {
    practice,
    client: file.client.name.split(' ')[0],
    plan: open && pagePlan(open.plan, careAtHome(file, open.plan), today),
    entries: (open?.entries ?? []).filter(
      (entry) =>
        entry.kind !== 'safety' &&
        // Pain that still holds a drill back holds it back however long ago it was.
        (entry.on >= since || !isDose(entry) || (entry.pain ?? 0) > 0 || entry.sharp),
    ),
    stop,
  };
}

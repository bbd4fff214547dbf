import { gateOf } from '../../inference/safety/gate';
import type { Pattern } from '../../body/stance/patterns';
import type { ClientFile } from '../../records/clientFile';
import type { ClientRecord } from '../../records/clients/clientRecord';
import type { HomePlanRecord } from '../../records/homePlans/homePlanRecord';
import type { LookRecord } from '../../records/looks/lookRecord';
import type { RecordKind } from '../../records/recordKinds';
import type { Step, VisitRecord } from '../../records/visits/visitRecord';
import type { Versioned } from '../../records/versioned';
import type { Day, Instant } from '../../foundation/time/instant';
import { maybeVisitFile } from '../../inference/case/visitFile';
import { addDays } from '../../foundation/time/calendarDay';
import { dosesByDay, reviewDays } from '../../planning/home/course';
import { tallyOf, type DoseTally } from '../../planning/home/doseTally';
import type { HomeReport } from '../../planning/home/homeReports';
import { entriesOf, maybeCurrentPlan } from '../../planning/home/planAtHome';
import type { HomePlan } from '../../records/homePlans/homePlan';
import { reportsToSee } from './reportsToSee';
import { dayIn } from '../../foundation/time/zoned';

export type HangingKind = 'blocked' | 'mid-visit' | 'not-retested';

/** Something in the last visit that waits for the coach. */
interface Hanging {
  readonly kind: HangingKind;
  readonly visitId: string;
  readonly step: Step;
  readonly since: Instant;
}

/** When the pattern is to be looked at again, and by what. */
export interface Due {
  readonly on: Day;
  readonly why: 'review' | 'fortnight';
}

/** The course at home in numbers: what was planned for each of its days, and what was said. */
interface HomeSum {
  readonly startsOn: Day;
  /** Doses, by day from the first. */
  readonly planned: readonly number[];
  readonly said: Readonly<Record<Day, DoseTally>>;
}

/**
 * All that the list of clients says of one, and nothing that depends on what day it is: it is worked out
 * when something is written and only read when the list is opened.
 */
export interface ClientSummary {
  readonly client: Pick<
    Versioned<ClientRecord>,
    'id' | 'version' | 'name' | 'about' | 'heightM' | 'massKg' | 'segments'
  >;
  readonly visits: number;
  readonly lastVisitOn: Instant | null;
  readonly lastPattern: Pattern | null;
  readonly lastLook: Pick<LookRecord, 'setup' | 'faults'> | null;
  readonly hanging: Hanging | null;
  readonly reports: readonly HomeReport[];
  readonly due: Due | null;
  readonly home: HomeSum | null;
}

/** What of a file a summary is worked out from: when something else is written, it stays as it is. */
export const SUMMARY_READS = [
  'clients',
  'visits',
  'looks',
  'drills',
  'homePlans',
  'homeEntries',
] as const satisfies readonly (RecordKind | 'homeEntries')[];

/** Summaries of another shape are worked out anew. */
export const SUMMARY_SHAPE = 4;
/** So many reports say enough in a list. */
const MOST_REPORTS = 5;
/** A look is due again after two weeks, where no plan says otherwise. */
const DUE_AFTER_DAYS = 14;

const newest = (visits: readonly Versioned<VisitRecord>[]): Versioned<VisitRecord> | null =>
  [...visits].sort((a, b) => a.openedOn.localeCompare(b.openedOn)).at(-1) ?? null;

function maybeHanging(file: ClientFile, visit: VisitRecord): Hanging | null {
  const { id: visitId, step, openedOn: since } = visit;
  const hangs = (kind: HangingKind): Hanging => ({ kind, visitId, step, since });
  if (gateOf(file, visitId).status === 'blocked') return hangs('blocked');
  if (visit.closedOn) return null;
  const found = maybeVisitFile(file, visitId);
  const worked = found?.drills.some(({ status }) => status === 'done') ?? false;
  return hangs(worked && !found?.again ? 'not-retested' : 'mid-visit');
}

function maybeDue(visit: VisitRecord, plan: HomePlan | null, zone: string): Due | null {
  if (!visit.closedOn) return null;
  const last = dayIn(new Date(visit.openedOn), zone);
  const review = plan && reviewDays(plan).find((day) => day > last);
  return review
    ? { on: review, why: 'review' }
    : { on: addDays(last, DUE_AFTER_DAYS), why: 'fortnight' };
}

function homeSum(file: ClientFile, plan: HomePlanRecord): HomeSum {
  const doses = dosesByDay(plan);
  const entries = entriesOf(file, plan);
  const told = new Set(entries.map(({ on }) => on));
  const days = Array.from({ length: 7 * plan.weeks }, (_, i) => addDays(plan.startsOn, i));
  return {
    startsOn: plan.startsOn,
    planned: days.map((day) => doses(day).length),
    said: Object.fromEntries(
      days.filter((day) => told.has(day)).map((day) => [day, tallyOf(doses(day), day, entries)]),
    ),
  };
}

/** The last look of the last visit that has one, so that its pattern is that visit's. */
const lastLookOf = (file: ClientFile, visit: VisitRecord | null): ClientSummary['lastLook'] => {
  const look = file.looks
    .filter(({ visitId }) => visitId === visit?.id)
    .sort((a, b) => a.startedOn.localeCompare(b.startedOn))
    .at(-1);
  return look ? { setup: look.setup, faults: look.faults } : null;
};

/**
 * What the list of clients says of one.
 *
 * @param zone IANA name of the zone in whose days looks are due
 */
export function clientSummary(file: ClientFile, zone = 'UTC'): ClientSummary {
  const { id, version, name, about, heightM, massKg, segments } = file.client;
  const visit = newest(file.visits);
  const plan = maybeCurrentPlan(file);
  return {
    client: { id, version, name, about, heightM, massKg, segments },
    visits: file.visits.length,
    lastVisitOn: visit?.openedOn ?? null,
    lastPattern: visit?.pattern ?? null,
    lastLook: lastLookOf(file, visit),
    hanging: visit && maybeHanging(file, visit),
    reports: reportsToSee(file).slice(0, MOST_REPORTS),
    due: visit && maybeDue(visit, plan, zone),
    home: plan && homeSum(file, plan),
  };
}

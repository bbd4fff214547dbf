import type { Dose } from '../../knowledge/drillRow';
import { addDays } from '../../foundation/time/calendarDay';
import { isDose, maybeDoseLog, type HomeEntry } from '../../records/homeEntries/homeEntry';
import type { HomeAnswer } from '../../records/homePlans/homePlan';
import { reportsOf, type HomeReport } from './homeReports';

/** How a drill may be done now, by what was said of it; the gravest last. */
const DRILL_STATES = ['go', 'easier', 'halved', 'stopped', 'out'] as const;
export type DrillState = (typeof DRILL_STATES)[number];

const gravest = (a: DrillState, b: DrillState): DrillState =>
  DRILL_STATES.indexOf(a) >= DRILL_STATES.indexOf(b) ? a : b;

/** Whether a drill was done, at least in part, on the day that a morning follows. */
const wasDone = (entries: readonly HomeEntry[], key: string, on: string): boolean =>
  entries.some((one) => isDose(one) && one.key === key && one.on === on && one.done !== 'not');

/** Done without pain after a report of a little of it: that one has passed. */
const hasPassed = (entries: readonly HomeEntry[], { entry }: HomeReport): boolean =>
  isDose(entry) &&
  entries
    .filter(isDose)
    .filter((one) => one.key === entry.key && one.said > entry.said && one.done === 'done')
    .some((one) => (maybeDoseLog(entries, one)?.pain ?? 1) === 0);

/** What one report means for one drill. */
function stateBy(report: HomeReport, key: string, entries: readonly HomeEntry[]): DrillState {
  const { entry, kind } = report;
  // An answer to a stop-and-refer question is the gate's: it holds all of the plan back.
  if (entry.kind === 'safety') return 'go';
  if (entry.kind === 'morning')
    return wasDone(entries, key, addDays(entry.on, -1)) ? 'halved' : 'go';
  if (entry.key !== key) return 'go';
  if (kind === 'stop') return 'stopped';
  return hasPassed(entries, report) ? 'go' : 'easier';
}

/** What one report means for one drill, after the coach's word on it. */
function stateAfter(
  report: HomeReport,
  key: string,
  entries: readonly HomeEntry[],
  answers: readonly HomeAnswer[],
): DrillState {
  const answer = answers.findLast(({ entry }) => entry === report.entry.id);
  if (answer?.does === 'go-on') return 'go';
  const state = stateBy(report, key, entries);
  return answer?.does === 'take-out' && state !== 'go' ? 'out' : state;
}

/**
 * How a drill of a plan may be done now: pain of 3 or 4 makes it easier until it was done without any,
 * 5 and more or a sharp one stops it, a worse morning halves what was done the day before. All of it
 * stays until the coach says otherwise. What an answer to a stop-and-refer question blocks is the gate's.
 */
export const drillState = (
  key: string,
  entries: readonly HomeEntry[],
  answers: readonly HomeAnswer[],
): DrillState =>
  reportsOf(entries).reduce<DrillState>(
    (sofar, report) => gravest(sofar, stateAfter(report, key, entries, answers)),
    'go',
  );

/** The newest report of a plan for which a drill is not done, as the coach has left it; null without one. */
export const maybeStop = (
  key: string,
  entries: readonly HomeEntry[],
  answers: readonly HomeAnswer[],
): HomeReport | null =>
  reportsOf(entries).findLast((report) =>
    ['stopped', 'out'].includes(stateAfter(report, key, entries, answers)),
  ) ?? null;

const half = (count: number): number => Math.max(1, Math.ceil(count / 2));

/** Half a dose: half the sets, or half of the only one. */
export function halvedDose(dose: Dose): Dose {
  if (dose.sets > 1) return { ...dose, sets: half(dose.sets) };
  if (dose.by === 'hold') return { ...dose, seconds: half(dose.seconds) };
  if (dose.by === 'breaths') return { ...dose, breaths: half(dose.breaths) };
  return { ...dose, reps: half(dose.reps) };
}

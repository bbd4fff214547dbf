import { oneCause } from '../../knowledge/causes';
import { checkSeries, type CheckSeries } from '../trend/checkSeries';
import { maybeSideTrend, type SideTrend } from '../trend/outlook';
import { bringsAbout } from '../visit/findingsOf';
import { causeOfKey } from '../../knowledge/keys';
import type { VisitLesson } from './lessons';
import type { ClientFile } from '../../records/clientFile';
import type { Versioned } from '../../records/versioned';
import type { VisitRecord } from '../../records/visits/visitRecord';

/** Worked on in so many sessions and still where it was: it is not for want of work. */
const LEAST_SESSIONS = 2;

/** The sessions before this visit in which something was done for a cause, by its key, oldest first. */
function sessionsFor(file: ClientFile, visit: VisitRecord): Map<string, Versioned<VisitRecord>[]> {
  const before = file.visits
    .filter(({ pattern, openedOn }) => pattern === visit.pattern && openedOn < visit.openedOn)
    .sort((a, b) => a.openedOn.localeCompare(b.openedOn));
  const found = new Map<string, Versioned<VisitRecord>[]>();
  for (const session of before) {
    const done = file.drills.filter(
      ({ visitId, status, removed }) => visitId === session.id && status === 'done' && !removed,
    );
    for (const key of new Set(done.flatMap(({ targets }) => targets)))
      found.set(key, [...(found.get(key) ?? []), session]);
  }
  return found;
}

/** Series of what had been read by the end of this visit. */
function seriesUntil(file: ClientFile, visit: VisitRecord): CheckSeries[] {
  const until = new Set(
    file.visits.filter(({ openedOn }) => openedOn <= visit.openedOn).map(({ id }) => id),
  );
  return checkSeries({ ...file, checks: file.checks.filter(({ visitId }) => until.has(visitId)) });
}

const stuck = (trend: SideTrend | null): number | null =>
  trend?.outlook.status === 'not-moving' ? trend.outlook.weeks : null;

/**
 * What the weeks taught that no single visit did: a range that was worked on again and again, moved in
 * each session perhaps, and is by its trend where it was. Its cause is then probably not the cause.
 */
export function trendLessons(file: ClientFile, visit: Versioned<VisitRecord>): VisitLesson[] {
  const sessions = [...sessionsFor(file, visit)].filter(
    ([key, list]) =>
      list.length >= LEAST_SESSIONS && oneCause(causeOfKey(key).cause).kind === 'restriction',
  );
  if (sessions.length === 0) return [];
  const all = seriesUntil(file, visit);
  return sessions.flatMap(([key, list]): VisitLesson[] => {
    const { cause, side } = causeOfKey(key);
    const last = list[list.length - 1];
    for (const series of all)
      for (const one of series.sides) {
        if (!bringsAbout(cause, side, `range:${series.check}`, one.side)) continue;
        const weeks = stuck(maybeSideTrend(one, series));
        if (weeks === null) continue;
        const named = one.side ? `${series.name}, ${one.side}` : series.name;
        const words = `Over ${weeks} weeks and ${list.length} sessions, ${named.charAt(0).toLowerCase()}${named.slice(1)} has not moved`;
        const held =
          last.traced?.causes.find((row) => row.cause === cause && row.side === side)?.p ?? null;
        const { id: visitId, openedOn: on } = last;
        return [{ cause, side, outcome: 'unmoved', words, visitId, on, held }];
      }
    return [];
  });
}

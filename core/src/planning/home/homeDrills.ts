import { EFFECT } from '../session/candidates';
import { causeOfKey, drillKey } from '../../knowledge/keys';
import { drillOf } from '../../records/drills/drillOf';
import type { ClientFile } from '../../records/clientFile';
import type { DrillRecord } from '../../records/drills/drillRecord';
import type { VisitRecord } from '../../records/visits/visitRecord';
import type { VisitPart } from '../../inference/visit/visitPart';
import type { HomeDrill } from '../../records/homePlans/homePlan';
import type { HomeReport } from './homeReports';
import { maybeStop } from './homeState';
import { entriesOf } from './planAtHome';

/** How likely a cause is held to be when no trace was kept. */
const UNTRACED = 0.5;
/** What a drill for no cause of its own is worth: the pattern, a rung. */
const WORTH_OF_PRACTICE = 0.3;

const probability = ({ traced }: VisitRecord, key: string): number => {
  const { cause, side } = causeOfKey(key);
  return traced?.causes.find((one) => one.cause === cause && one.side === side)?.p ?? UNTRACED;
};

/** What a drill is expected to take away of all its causes. */
function worthOf(drill: DrillRecord, visit: VisitRecord): number {
  const { targets } = drillOf(drill);
  const left = drill.targets.reduce((sofar, key) => {
    const effect = targets.find(({ cause }) => cause === causeOfKey(key).cause)?.effect ?? 'small';
    return sofar * (1 - probability(visit, key) * EFFECT[effect]);
  }, 1);
  return drill.targets.length > 0 ? 1 - left : WORTH_OF_PRACTICE;
}

/** Kept by the coach; where the coach said nothing of any, all that were done. */
function keptOf({ drills }: VisitPart): readonly DrillRecord[] {
  const said = drills.some(({ keep }) => keep !== null);
  const isKept = ({ keep, status }: DrillRecord) =>
    said ? keep === 'keep' : status === 'done' || status === 'planned';
  const isPattern = (one: DrillRecord) => drillOf(one).family === 'pattern';
  return drills.filter(
    (one) => one.status !== 'stopped' && (isKept(one) || (isPattern(one) && one.keep !== 'drop')),
  );
}

type Home = Pick<ClientFile, 'homePlans' | 'homeEntries'>;

/** A drill that a session would send home, and what was said at home that keeps it from going. */
export interface HeldFromHome {
  readonly drill: DrillRecord;
  readonly report: HomeReport;
}

/** What stopped a drill at home, in whichever plan, since it was last done in a session. */
function maybeStoppedSince(one: DrillRecord, { homePlans, homeEntries }: Home): HomeReport | null {
  const stops = homePlans.flatMap(
    (plan) => maybeStop(drillKey(one), entriesOf({ homeEntries }, plan), plan.answers) ?? [],
  );
  const since = stops.filter(({ entry }) => entry.said > (one.doneOn ?? ''));
  return since.sort((a, b) => a.entry.said.localeCompare(b.entry.said)).at(-1) ?? null;
}

/**
 * Drills of a session that do not go home, because pain stopped them there since. A new plan is no way round
 * that: the coach says "go on" to the report, or does the drill in a session again.
 */
export const heldFromHome = (part: VisitPart, home: Home): HeldFromHome[] =>
  keptOf(part).flatMap((drill) => {
    const report = maybeStoppedSince(drill, home);
    return report ? [{ drill, report }] : [];
  });

/**
 * The drills that a session sends home: what it kept, and the pattern itself unless it was dropped; without
 * those that pain stopped at home since.
 */
export function homeDrillsOf(part: VisitPart, home: Home): HomeDrill[] {
  const known = new Set(home.homePlans.flatMap(({ drills }) => drills.map(drillKey)));
  const kept = keptOf(part).filter((one) => !maybeStoppedSince(one, home));
  return kept.map((one) => ({
    drill: one.drill,
    own: one.own,
    side: one.side,
    targets: one.targets,
    dose: one.dose,
    rung: one.rung && { ...one.rung, met: null },
    worth: worthOf(one, part.visit),
    known: known.has(drillKey(one)),
  }));
}

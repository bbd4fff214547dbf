import { EFFECT } from '../planning/candidates';
import { causeOfKey } from '../visit/findingsOf';
import { drillOf } from '../visit/drillOf';
import type { ClientFile, DrillRecord, VisitRecord } from '../visit/records';
import type { VisitPart } from '../visit/visitPart';
import type { HomeDrill } from './homePlan';
import { keyOf } from './weekInput';

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

/** The drills that a session sends home: what it kept, and the pattern itself unless it was dropped. */
export function homeDrillsOf(
  part: VisitPart,
  { homePlans }: Pick<ClientFile, 'homePlans'>,
): HomeDrill[] {
  const known = new Set(homePlans.flatMap(({ drills }) => drills.map(keyOf)));
  return keptOf(part).map((one) => ({
    drill: one.drill,
    own: one.own,
    side: one.side,
    targets: one.targets,
    dose: one.dose,
    rung: one.rung && { ...one.rung, met: null },
    worth: worthOf(one, part.visit),
    known: known.has(keyOf(one)),
  }));
}

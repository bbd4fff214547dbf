import { drillOf } from '../../records/drills/drillOf';
import { oneCause } from '../../knowledge/causes';
import type { Lesson } from '../../records/case/caseFile';
import { verdictsOn } from '../visit/findingsOf';
import { causeOfKey } from '../../knowledge/keys';
import type { ClientFile } from '../../records/clientFile';
import type { Versioned } from '../../records/versioned';
import type { VisitRecord } from '../../records/visits/visitRecord';
import type { Instant } from '../../foundation/time/instant';
import { verdictsOf, type VisitVerdict } from '../visit/verdicts';
import { visitPart, type VisitPart } from '../visit/visitPart';

/** What a visit taught of a cause, and when. */
export interface VisitLesson extends Lesson {
  readonly visitId: string;
  readonly on: Instant;
  /** How likely the cause was held to be when the work was chosen; null where that was not kept. */
  readonly held: number | null;
}

const changeWords = ({ sentence, change }: VisitVerdict): string =>
  `${sentence.charAt(0).toLowerCase()}${sentence.slice(1)} ${change}`;

const isBetter = ({ word }: VisitVerdict): boolean => word === 'better';

/** What was done for a cause, and what came of it; null when the pattern was not looked at again. */
function maybeLesson(
  part: VisitPart,
  key: string,
  verdicts: readonly VisitVerdict[],
): VisitLesson | null {
  const { cause, side } = causeOfKey(key);
  const faults = verdictsOn(verdicts, 'fault', cause, side);
  if (faults.length === 0 || oneCause(cause).kind === 'given') return null;
  const joints = verdictsOn(verdicts, 'check', cause, side);
  const outcome: Lesson['outcome'] = faults.some(isBetter)
    ? 'helped'
    : joints.some(isBetter)
      ? 'not-it'
      : 'unmoved';
  const told = [
    ...joints.filter(isBetter),
    ...(faults.some(isBetter) ? faults.filter(isBetter) : faults),
  ];
  const drills = part.drills
    .filter(({ status, targets }) => status === 'done' && targets.includes(key))
    .map((one) => drillOf(one).name);
  const { openedOn, id: visitId } = part.visit;
  const words = `Earlier, ${[...new Set(drills)].join(' and ').toLowerCase()}: ${told.map(changeWords).join('; ')}`;
  const held =
    part.visit.traced?.causes.find((one) => one.cause === cause && one.side === side)?.p ?? null;
  return { cause, side, outcome, words, visitId, on: openedOn, held };
}

/** What one visit taught: of each cause that a drill was done for, when the pattern was seen again. */
export function lessonsOf(part: VisitPart): VisitLesson[] {
  const verdicts = verdictsOf(part);
  const done = part.drills.filter(({ status }) => status === 'done');
  return [...new Set(done.flatMap(({ targets }) => targets))]
    .map((key) => maybeLesson(part, key, verdicts))
    .filter((one) => one !== null);
}

/**
 * What the visits before this one taught of the same pattern, oldest first. A later lesson of a cause
 * stands for all before it.
 */
export function lessonsBefore(file: ClientFile, visit: Versioned<VisitRecord>): VisitLesson[] {
  return file.visits
    .filter(({ pattern, openedOn }) => pattern === visit.pattern && openedOn < visit.openedOn)
    .sort((a, b) => a.openedOn.localeCompare(b.openedOn))
    .flatMap((earlier) => lessonsOf(visitPart(file, earlier)));
}

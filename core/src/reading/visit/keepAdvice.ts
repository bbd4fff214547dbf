import { findingsOf } from '../../inference/visit/findingsOf';
import type { DrillRecord, Keep } from '../../records/drills/drillRecord';
import { sessionSteps } from './sessionSteps';
import { verdictsOf } from '../../inference/visit/verdicts';
import type { VisitPart } from '../../inference/visit/visitPart';

export interface KeepAdvice {
  /** Id of the drill record. */
  readonly drill: string;
  /** null: nothing that it aims at was looked at again. */
  readonly says: Keep | null;
  readonly why: string;
}

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** Advice by the measures taken right before and after the drill; null where there are none. */
function bySteps(part: VisitPart, { id }: DrillRecord): KeepAdvice | null {
  const gains = sessionSteps(part)
    .flatMap((one) => one.gains)
    .filter(({ step }) => step === id);
  if (gains.length === 0) return null;
  if (gains.some(({ word }) => word === 'better'))
    return { drill: id, says: 'keep', why: 'the measure taken right after it had moved' };
  return { drill: id, says: 'swap', why: 'the measure taken right after it had not moved' };
}

/**
 * Advice by what it aims at: its joint, and the faults that its causes bring about. The pattern practised
 * for no cause of its own aims at all that was seen in it.
 */
function byAims(part: VisitPart, drill: DrillRecord): KeepAdvice {
  const verdicts = verdictsOf(part);
  const found =
    drill.targets.length > 0
      ? findingsOf(verdicts, drill.targets)
      : verdicts.filter(({ about }) => about === 'fault');
  const moved = found.find(({ word }) => word === 'better');
  if (moved) return { drill: drill.id, says: 'keep', why: `${lower(moved.sentence)}: better` };
  if (found.length > 0) {
    const worse = found.find(({ word }) => word === 'worse');
    return worse
      ? { drill: drill.id, says: 'drop', why: `${lower(worse.sentence)}: worse` }
      : {
          drill: drill.id,
          says: 'swap',
          why: 'nothing that it aims at moved by more than the error',
        };
  }
  return { drill: drill.id, says: null, why: 'nothing that it aims at was looked at again' };
}

/** What the second look says of each drill that was done: keep it, change it for another, or drop it. */
export const keepAdvice = (part: VisitPart): KeepAdvice[] =>
  part.drills
    .filter(({ status }) => status !== 'planned' && status !== 'skipped')
    .map((drill) =>
      drill.status === 'stopped'
        ? { drill: drill.id, says: 'drop', why: 'it was stopped' }
        : (bySteps(part, drill) ?? byAims(part, drill)),
    );

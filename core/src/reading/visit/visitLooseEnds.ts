import { faultKey } from '../../knowledge/keys';
import { drillOf } from '../../records/drills/drillOf';
import { oneFault } from '../../knowledge/faults';
import { fillSide } from '../../foundation/words/fill';
import { keepAdvice } from './keepAdvice';
import { levelIn } from '../../inference/visit/verdicts';
import type { VisitPart } from '../../inference/visit/visitPart';

/** Something in one visit that nobody came back to. */
export interface VisitLooseEnd {
  readonly key: string;
  readonly kind: 'not-regraded' | 'not-done' | 'rung-not-judged' | 'not-tested' | 'not-decided';
  readonly what: string;
}

type Part = VisitPart;

const notRegraded = ({ first, again }: Part): VisitLooseEnd[] =>
  (first?.faults ?? [])
    .filter((fault) => levelIn(again, fault) === null)
    .map((fault) => ({
      key: `fault:${faultKey(fault)}`,
      kind: 'not-regraded',
      what: fillSide(oneFault(fault.fault).sentence, fault.side),
    }));

function drillEnds(part: Part): VisitLooseEnd[] {
  const advice = new Map(keepAdvice(part).map((one) => [one.drill, one]));
  return part.drills.flatMap((drill): VisitLooseEnd[] => {
    const what = `${drillOf(drill).name}${drill.side ? `, ${drill.side}` : ''}`;
    const end = (kind: VisitLooseEnd['kind']) => [{ key: `drill:${drill.id}`, kind, what }];
    if (drill.status === 'planned') return end('not-done');
    if (drill.rung?.met === null && drill.status === 'done') return end('rung-not-judged');
    const said = advice.get(drill.id);
    if (!said) return [];
    if (said.says === null) return end('not-tested');
    return drill.keep === null ? end('not-decided') : [];
  });
}

/** What hangs loose in a visit: faults not graded again, drills not done, not tested, or not decided on. */
export const visitLooseEnds = (part: Part): VisitLooseEnd[] => [
  ...notRegraded(part),
  ...drillEnds(part),
];

import type { Trace } from '@taxikine/core/inference/trace/trace';
import type { Knot } from '@taxikine/core/reading/visit/threads';
import type { VisitVerdict } from '@taxikine/core/inference/visit/verdicts';
import { probabilityWords } from '@taxikine/core/foundation/words/probability';
import type { ReactNode } from 'react';
import { KindMark } from './KindMark';
import { VerdictMark } from './VerdictMark';

/** Mark and figure of every knot, from the trace and the verdicts behind the board. */
export function boardMarks(trace: Trace | null, verdicts: readonly VisitVerdict[]) {
  const causeOf = (knot: Knot) => trace?.causes.find((cause) => cause.key === knot.key);
  const verdictOf = (knot: Knot) =>
    verdicts.find((verdict) => `verdict:${verdict.key}` === knot.key);
  const markOf = (knot: Knot): ReactNode => {
    const [cause, verdict] = [causeOf(knot), verdictOf(knot)];
    if (cause) return <KindMark kind={cause.kind} />;
    return verdict ? <VerdictMark word={verdict.word} /> : null;
  };
  const figureOf = (knot: Knot): string | null => {
    const [cause, verdict] = [causeOf(knot), verdictOf(knot)];
    if (cause) return cause.kind === 'given' ? '—' : probabilityWords(cause.p);
    return verdict ? probabilityWords(verdict.pBetter) : null;
  };
  return { markOf, figureOf };
}

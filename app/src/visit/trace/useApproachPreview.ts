import type { ApproachId } from '@taxikine/core/knowledge/approaches';
import { plannedCauses } from '@taxikine/core/planning/session/plannedCauses';
import { planSession, type PlannedDrill } from '@taxikine/core/planning/session/planSession';
import type { NextCheck } from '@taxikine/core/planning/asking/nextChecks';
import type { Trace } from '@taxikine/core/inference/trace/trace';
import { careFor } from '@taxikine/core/inference/case/careFor';
import { caseFileOf } from '@taxikine/core/inference/case/caseFileOf';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { useEffect, useMemo, useState } from 'react';
import { traceWorker } from './traceWorker';

export interface ApproachPreview {
  /** What it would ask first; null until it is known. */
  readonly asks: readonly NextCheck[] | null;
  readonly drills: readonly PlannedDrill[];
}

const ASKED = 3;

/** What an approach would ask and do in this visit, worked out beside the page. */
export function useApproachPreview(
  visit: VisitFile,
  found: Trace,
  approach: ApproachId,
): ApproachPreview {
  const file = useMemo(() => caseFileOf(visit), [visit]);
  const [known, setKnown] = useState<{ approach: ApproachId; asks: NextCheck[] } | null>(null);
  const { pattern, minutes, next } = visit.visit;
  useEffect(() => {
    let current = true;
    void traceWorker()
      .next(file, approach, { minutes, next })
      .then((answer) => {
        if (current) setKnown({ approach, asks: (answer?.ranked ?? []).slice(0, ASKED) });
      });
    return () => {
      current = false;
    };
  }, [file, approach, minutes, next]);
  const drills = useMemo(
    () =>
      planSession(plannedCauses(found, file), {
        ...careFor(visit),
        ...{ pattern, minutes, next, approach },
      }).drills,
    [found, pattern, minutes, visit, next, approach, file],
  );
  return { asks: known?.approach === approach ? known.asks : null, drills };
}

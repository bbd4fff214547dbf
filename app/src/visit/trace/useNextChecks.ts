import type { NextChecks } from '@taxikine/core/planning/asking/nextChecks';
import { caseFileOf } from '@taxikine/core/inference/case/caseFileOf';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { useCallback, useMemo } from 'react';
import { traceWorker } from './traceWorker';
import { useAnswer } from './useAnswer';

/** What to check or try next in this visit. */
export function useNextChecks(visit: VisitFile): NextChecks | null {
  const file = useMemo(() => caseFileOf(visit), [visit]);
  const { approach } = visit.client;
  const { minutes, next } = visit.visit;
  return useAnswer(
    useCallback(
      () => traceWorker().next(file, approach, { minutes, next }),
      [file, approach, minutes, next],
    ),
  );
}

import type { NextChecks } from '@taxikine/core/trace/next/nextChecks';
import { caseFileOf } from '@taxikine/core/visit/caseFileOf';
import type { VisitFile } from '@taxikine/core/visit/visitFile';
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

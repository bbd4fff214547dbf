import type { NextChecks } from '@taxikine/core/trace/next/nextChecks';
import { caseFileOf } from '@taxikine/core/visit/caseFileOf';
import type { VisitFile } from '@taxikine/core/visit/visitFile';
import { startTransition, useEffect, useMemo, useState } from 'react';
import { traceWorker } from './traceWorker';

/**
 * What to check or try next in this visit, worked out beside the page; null until it is known. While
 * a newer answer is on its way the last one stays.
 */
export function useNextChecks(visit: VisitFile): NextChecks | null {
  const file = useMemo(() => caseFileOf(visit), [visit]);
  const [next, setNext] = useState<NextChecks | null>(null);
  const { approach } = visit.client;
  const { minutes, next: after } = visit.visit;
  useEffect(() => {
    let current = true;
    void traceWorker()
      .next(file, approach, { minutes, next: after })
      .then((answer) => {
        if (current) startTransition(() => setNext(answer));
      });
    return () => {
      current = false;
    };
  }, [file, approach, minutes, after]);
  return next;
}

import type { DepthCut } from '@taxikine/core/inference/safety/depthCut';
import { standingOf } from '@taxikine/core/inference/safety/standing';
import { caseFileOf } from '@taxikine/core/inference/case/caseFileOf';
import { painsOf } from '@taxikine/core/inference/visit/painsOf';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { useCallback, useMemo } from 'react';
import { traceWorker } from './traceWorker';
import { useAnswer } from './useAnswer';

/** Above which depth the pattern of a visit is practised; null when nothing hurts or is replaced, and until it is known. */
export function useDepthCut(visit: VisitFile | null): DepthCut | null {
  const asked = useMemo(() => {
    if (!visit) return null;
    const pains = painsOf([visit.first, visit.again]);
    const { replaced = [] } = standingOf(visit.client);
    return pains.length + replaced.length > 0 ? { file: caseFileOf(visit), pains } : null;
  }, [visit]);
  return useAnswer(
    useCallback(
      async () => (asked ? traceWorker().depthCut(asked.file, asked.pains) : null),
      [asked],
    ),
  );
}

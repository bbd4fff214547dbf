import type { ApproachId } from '@taxikine/core/knowledge/approaches';
import type { DepthCut } from '@taxikine/core/inference/safety/depthCut';
import { depthCutOf } from '@taxikine/core/inference/safety/depthCutOf';
import type { CaseFile, Pain } from '@taxikine/core/records/case/caseFile';
import { reasonsOf, type CauseReasons } from '@taxikine/core/inference/trace/reasons';
import {
  nextChecks,
  type NextChecks,
  type NextSession,
} from '@taxikine/core/planning/asking/nextChecks';

/** What the page asks the trace's worker. */
export const traceApi = {
  /** null when the findings contradict each other beyond belief. */
  next: (file: CaseFile, approach: ApproachId, session: NextSession): NextChecks | null =>
    orNull(() => nextChecks(file, approach, session)),
  /** By what the posture model says of what hurts. */
  depthCut: (file: CaseFile, pains: readonly Pain[]): DepthCut | null => depthCutOf(file, pains),
  /** By key of the cause; null as above. */
  reasons: (file: CaseFile): ReadonlyMap<string, CauseReasons> | null =>
    orNull(() => reasonsOf(file)),
};

function orNull<T>(work: () => T): T | null {
  try {
    return work();
  } catch (error) {
    if (error instanceof RangeError) return null;
    throw error;
  }
}

export type TraceApi = typeof traceApi;

import type { ApproachId } from '@taxikine/core/knowledge/approaches';
import type { CaseFile } from '@taxikine/core/trace/caseFile';
import {
  nextChecks,
  type NextChecks,
  type NextSession,
} from '@taxikine/core/trace/next/nextChecks';

/** What the page asks the trace's worker. */
export const traceApi = {
  /** null when the findings contradict each other beyond belief. */
  next(file: CaseFile, approach: ApproachId, session: NextSession): NextChecks | null {
    try {
      return nextChecks(file, approach, session);
    } catch (error) {
      if (error instanceof RangeError) return null;
      throw error;
    }
  },
};

export type TraceApi = typeof traceApi;

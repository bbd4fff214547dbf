import {
  nextChecks,
  type ApproachId,
  type CaseFile,
  type NextChecks,
  type NextSession,
} from '@taxikine/core/trace';

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

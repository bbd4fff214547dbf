import { gateOf, type Gate } from '@taxikine/core/inference/safety/gate';
import { maybeTrace } from '@taxikine/core/inference/trace/maybeTrace';
import type { Trace } from '@taxikine/core/inference/trace/trace';
import { caseFileOf } from '@taxikine/core/inference/case/caseFileOf';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import { maybeVisitFile, type VisitFile } from '@taxikine/core/inference/case/visitFile';
import { useMemo } from 'react';

export interface OpenVisit {
  readonly file: ClientFile;
  readonly visit: VisitFile;
  readonly gate: Gate;
}

/** One visit out of a client's file. */
export function useVisit(file: ClientFile | undefined, visitId: string): OpenVisit | null {
  return useMemo(() => {
    const visit = file ? maybeVisitFile(file, visitId) : null;
    return file && visit ? { file, visit, gate: gateOf(file, visitId) } : null;
  }, [file, visitId]);
}

/** The trace of a visit; null when the findings contradict each other beyond belief. */
export const useTrace = (visit: VisitFile): Trace | null =>
  useMemo(() => maybeTrace(caseFileOf(visit)), [visit]);

import type { CaseFile } from '../../records/case/caseFile';
import { trace, type Trace } from './trace';

/** A trace, or null when the findings contradict each other beyond belief. */
export function maybeTrace(file: CaseFile): Trace | null {
  try {
    return trace(file);
  } catch (error) {
    if (error instanceof RangeError) return null;
    throw error;
  }
}

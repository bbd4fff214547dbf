import type { CaseFile } from '../trace/caseFile';
import type { Trace } from '../trace/trace';
import type { PlannedCause } from './candidates';
import { gapCauses } from './gapCauses';

/** What a session is chosen for: the causes of the trace, and the ranges that are there and cannot be used. */
export const plannedCauses = (
  { causes }: Pick<Trace, 'causes'>,
  { checks, norms }: Pick<CaseFile, 'checks' | 'norms'>,
): { readonly causes: readonly PlannedCause[] } => ({
  causes: [...causes, ...gapCauses(checks, norms)],
});

import type { CaseFile } from '../../records/case/caseFile';
import type { Trace } from '../../inference/trace/trace';
import type { PlannedCause } from './candidates';
import { gapCauses } from './gapCauses';
import { stopsInFront } from './stopsInFront';

type Known = Pick<CaseFile, 'checks' | 'norms' | 'look'>;

const withItsStop = (one: PlannedCause, file: Known): PlannedCause =>
  one.cause === 'ankle-joint' && one.side && stopsInFront(file, one.side)
    ? { ...one, stopsInFront: true }
    : one;

/** What a session is chosen for: the causes of the trace, and the ranges that are there and cannot be used. */
export const plannedCauses = (
  { causes }: Pick<Trace, 'causes'>,
  file: Known,
): { readonly causes: readonly PlannedCause[] } => ({
  causes: [...causes.map((one) => withItsStop(one, file)), ...gapCauses(file.checks, file.norms)],
});

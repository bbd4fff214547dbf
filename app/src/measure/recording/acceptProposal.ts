import { faultKey } from '@taxikine/core/knowledge/keys';
import { oneFault } from '@taxikine/core/knowledge/faults';
import type { SeenFault } from '@taxikine/core/records/case/caseFile';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import type { Proposal } from '@taxikine/core/media/recording/proposals';

/** A proposal as a coach would have logged it; its number rounded to what the eye would say. */
export function faultOf({ fault, side, phase, grade, value }: Proposal): SeenFault {
  const { unit, most, sided } = oneFault(fault);
  const number = unit ? { value: Math.round(Math.min(most, Math.max(0, value))), unit } : {};
  return { fault, ...(sided === 'none' ? {} : { side }), phase, grade, ...number };
}

const isSame = (a: SeenFault, b: SeenFault): boolean =>
  a.fault === b.fault && (a.side ?? null) === (b.side ?? null) && a.phase === b.phase;

export const isAccepted = (look: LookRecord, proposal: Proposal): boolean =>
  look.faults.some((one) => isSame(one, faultOf(proposal)));

/** The look with the proposed fault in it; one that was logged there before takes the new number. */
export function accepted(look: LookRecord, proposal: Proposal): LookRecord {
  const fault = faultOf(proposal);
  return {
    ...look,
    faults: [...look.faults.filter((one) => !isSame(one, fault)), fault],
    clear: look.clear.filter((one) => one !== fault.fault && one !== faultKey(fault)),
  };
}

export const takenBack = (look: LookRecord, proposal: Proposal): LookRecord => ({
  ...look,
  faults: look.faults.filter((one) => !isSame(one, faultOf(proposal))),
});

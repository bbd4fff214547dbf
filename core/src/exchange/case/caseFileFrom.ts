import { WALL_DEG_PER_CM } from '../../knowledge/checkGuides';
import { oneFault } from '../../knowledge/faults';
import type { CaseFile, CheckFinding, SeenFault } from '../../records/case/caseFile';
import type { CaseCheck, CaseDocument } from './caseDocument';
import { isDerived } from './derivedChecks';

const degrees = <T>(value: T): T | number =>
  typeof value === 'number' ? Math.round(value * WALL_DEG_PER_CM * 10) / 10 : value;

/** Centimetres to the wall as degrees of shin. */
function inDegrees({ unit, ...check }: CaseCheck): CheckFinding {
  if (unit !== 'cm') return { ...check, unit };
  const { passive, active, braced } = check;
  return {
    ...check,
    passive: degrees(passive),
    active: degrees(active),
    braced: degrees(braced),
    unit: 'deg',
  };
}

/** A slide told as a percentage of the stance, in millimetres. */
function inMillimetres(fault: SeenFault, stanceCm: number): SeenFault {
  const { value, unit } = fault as { value?: number; unit?: string };
  if (unit !== '%' || value === undefined) return fault;
  return { ...fault, value: Math.round(value * stanceCm) / 10, unit: 'mm' };
}

/** What a trace is made from, in the units of the tables. */
export function caseFileFrom({ client, look, probes, checks, ...rest }: CaseDocument): CaseFile {
  const { stanceCm } = look.setup;
  return {
    client,
    look: {
      ...look,
      faults: look.faults
        .map((fault) => inMillimetres(fault, stanceCm))
        // A side that the fault cannot have says nothing.
        .map((fault) =>
          oneFault(fault.fault).sided === 'none' ? { ...fault, side: null } : fault,
        ),
    },
    probes,
    checks: checks.filter((check) => !isDerived(check)).map(inDegrees),
    norms: rest.norms,
    coach: rest.coach,
    lessons: rest.lessons,
  };
}

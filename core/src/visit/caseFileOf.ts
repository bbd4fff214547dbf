import { USUAL_SETUP } from '../knowledge/setup';
import type { CaseFile, CheckFinding } from '../trace/caseFile';
import type { CheckRecord, ProbeRecord } from './records';
import type { VisitFile } from './visitFile';

const orUndefined = <T>(value: T | null): T | undefined => value ?? undefined;

export const checkFinding = (one: CheckRecord): CheckFinding => ({
  check: one.check,
  side: one.side,
  passive: orUndefined(one.passive),
  active: orUndefined(one.active),
  braced: orUndefined(one.braced),
  result: orUndefined(one.result),
  felt: orUndefined(one.felt),
  pinch: orUndefined(one.pinch),
});

const probeFindings = ({ probe, outcomes }: ProbeRecord): CaseFile['probes'] =>
  outcomes.map(({ outcome, fault, side }) => ({ probe, outcome, fault, side }));

/** What was found up to the trace of a visit: its first look, its probes and first checks. */
export function caseFileOf({ client, visit, first, probes, checks }: VisitFile): CaseFile {
  const refer = [...new Set(visit.asks.flatMap((ask) => ask.positives))];
  const { heightM, massKg, segments, flags, history, given } = client;
  return {
    client: { heightM, massKg, segments, flags, refer, history, given },
    look: {
      pattern: visit.pattern,
      setup: first?.setup ?? USUAL_SETUP,
      faults: first?.faults ?? [],
      clear: first?.clear ?? [],
      pain: first?.pain ?? [],
    },
    probes: probes.flatMap(probeFindings),
    checks: checks.filter((one) => one.role === 'first').map(checkFinding),
  };
}

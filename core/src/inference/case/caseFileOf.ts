import { causeKey } from '../../knowledge/keys';
import { oneProbe } from '../../knowledge/probes';
import { USUAL_SETUP } from '../../body/stance/setup';
import { notYetBy } from '../safety/notYetBy';
import type { CaseFile, CheckFinding, Opinion } from '../../records/case/caseFile';
import type { CheckRecord } from '../../records/checks/checkRecord';
import type { ProbeRecord } from '../../records/probes/probeRecord';
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
  times: timesOf(one.repeats),
  cheats: one.cheats.length > 0 ? one.cheats : undefined,
  held: one.held || undefined,
  device: orUndefined(one.device),
});

function timesOf(repeats: CheckRecord['repeats']): CheckFinding['times'] {
  const counted = Object.entries(repeats).filter(([, readings]) => readings.length > 1);
  return counted.length > 0
    ? Object.fromEntries(counted.map(([mode, readings]) => [mode, readings.length]))
    : undefined;
}

/** The side of a probe that is done on one is where its set-up has it; of others, that of the fault. */
export const probeFindings = ({ probe, outcomes, setup }: ProbeRecord): CaseFile['probes'] =>
  outcomes.map(({ outcome, fault, side }) => ({
    probe,
    outcome,
    fault,
    side: oneProbe(probe).sided ? (setup.oneHeelUp ?? null) : side,
  }));

/** What the coach holds now: the newest word on each cause, where it was not taken back. */
function opinionsOf({ opinions }: VisitFile['visit']): Opinion[] {
  const newest = new Map(opinions.map((one) => [causeKey(one.cause, one.side), one]));
  return [...newest.values()].flatMap(({ cause, side, says, why }) =>
    says === 'open' ? [] : [{ cause, side, says, why }],
  );
}

/** What was found up to the trace of a visit: its first look, its probes and first checks. */
export function caseFileOf(file: VisitFile): CaseFile {
  const { client, visit, first, probes, checks, lessons } = file;

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
    norms: client.norms,
    notYet: notYetBy(client.clearances),
    coach: opinionsOf(visit),
    lessons: lessons.map(({ cause, side, outcome, words }) => ({ cause, side, outcome, words })),
  };
}

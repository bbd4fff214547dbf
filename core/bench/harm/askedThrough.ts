import type { CaseDocument } from '../../src/exchange/case/caseDocument';
import { traceReport, type TraceReport } from '../../src/exchange/case/traceReport';
import { oneCause, type CauseId } from '../../src/knowledge/causes';
import { oneCheck, type CheckId } from '../../src/knowledge/checks';
import type { RangeNorm } from '../../src/knowledge/checkRow';
import type { ProbeId } from '../../src/knowledge/probes';
import { canBeSeen, oneFault } from '../../src/knowledge/faults';
import { LINKS, type LinkRow } from '../../src/knowledge/links';
import { CAUSE_OF_RANGE } from '../../src/planning/session/gapCauses';
import { otherSide } from '../../src/foundation/sides/side';

/** A range that is short on one side, and a fault that comes from it. */
interface Truth {
  readonly check: CheckId;
  readonly cause: CauseId;
  readonly link: LinkRow;
}

const TRUTHS: readonly Truth[] = (Object.entries(CAUSE_OF_RANGE) as [CheckId, CauseId][])
  .filter(([, cause]) => oneCause(cause).sided)
  .flatMap(([check, cause]) =>
    LINKS.filter((link) => link.cause === cause && /^fault:/.test(link.finding)).map((link) => ({
      check,
      cause,
      link,
    })),
  );

const SIDE = 'right';
/** Standard deviations beyond what a short range usually is. */
const PLAINLY = 2.5;
/** More questions than a coach has patience for. */
const MOST_ASKED = 14;

function lookOf(document: CaseDocument, { link }: Truth): CaseDocument['look'] | null {
  const fault = oneFault(link.finding.slice('fault:'.length));
  if (!canBeSeen(fault, document.look.pattern, document.look.setup)) return null;
  const side = link.side === 'other' ? otherSide(SIDE) : SIDE;
  const seen = {
    fault: fault.id,
    phase: fault.phases[0],
    grade: 'plain',
    ...(fault.sided === 'none' ? {} : { side }),
  } as const;
  return {
    ...document.look,
    faults: [seen] as CaseDocument['look']['faults'],
    pain: [],
    clear: [],
  };
}

/** Shorter than most that are short. */
function plainlyShort({ usual, restricted, least, most }: RangeNorm): number {
  const [mean, sd] = restricted;
  const short = mean + PLAINLY * sd * Math.sign(mean - usual[0]);
  return Math.min(most, Math.max(least, Math.round(short)));
}

type Asked = TraceReport['nextChecks'][number];

const sideOf = ({ side }: Asked) => (side ? { side } : {});

const probed = (document: CaseDocument, asked: Asked & { probe: ProbeId }, outcome: Outcome) => {
  const { fault } = document.look.faults[0];
  const tried = { probe: asked.probe, outcome, fault, ...sideOf(asked) };
  return { ...document, probes: [...document.probes, tried] } as CaseDocument;
};

const checked = (document: CaseDocument, asked: Asked & { check: CheckId }, reading: object) => {
  const taken = { check: asked.check, ...sideOf(asked), ...reading };
  return { ...document, checks: [...document.checks, taken] } as CaseDocument;
};

type Outcome = 'better' | 'same' | 'worse';
const OUTCOMES: readonly Outcome[] = ['better', 'same', 'worse'];

/** What a check can say: each of its words, or a range as it usually is and plainly short. */
function readingsOf(check: CheckId): object[] {
  const row = oneCheck(check);
  if (row.type === 'result') return row.results.map((result) => ({ result }));
  const { norm, modes } = row;
  return [norm.usual[0], plainlyShort(norm)].map((value) => ({
    [modes[0]]: value,
    unit: norm.unit,
  }));
}

/** A case after each answer that a question can have; the one where nothing is amiss first, of a check. */
const answersTo = (document: CaseDocument, asked: Asked): CaseDocument[] =>
  'check' in asked
    ? readingsOf(asked.check).map((reading) => checked(document, asked, reading))
    : OUTCOMES.map((outcome) => probed(document, asked, outcome));

/** What is found where nothing but the truth is amiss. */
function answered(document: CaseDocument, asked: Asked, truth: Truth): CaseDocument {
  if (!('check' in asked)) return probed(document, asked, 'same');
  const [usual, short] = readingsOf(asked.check);
  const isShort = asked.check === truth.check && asked.side === SIDE;
  return checked(document, asked, isShort ? short : usual);
}

/** What is known at some time of asking, and what is said of it. */
export interface AskedState {
  readonly document: CaseDocument;
  readonly report: TraceReport;
}

/**
 * The states of a case in which one range is short on one side, no more is known than a fault that comes from it,
 * and whatever is asked next is answered, until nothing more is asked for; none where its fault cannot be seen.
 *
 * @param at which of the truths, by number
 */
export function askedThrough(case_: CaseDocument, at: number): AskedState[] {
  const truth = TRUTHS[at % TRUTHS.length];
  const look = lookOf(case_, truth);
  const states: AskedState[] = [];
  let document = look && ({ ...case_, look, checks: [], probes: [] } as CaseDocument | null);
  while (document && states.length <= MOST_ASKED) {
    const report = traceReport(document);
    states.push({ document, report });
    const [next] = report.nextChecks;
    document = report.enough || !next ? null : answered(document, next, truth);
  }
  return states;
}

const drillsOf = ({ plan }: TraceReport): string =>
  plan.drills
    .map(({ drill, side }) => `${drill}@${side}`)
    .sort()
    .join(' ');

/** Whether some answer to something that is asked next makes another session. */
export const couldChangeThePlan = ({ document, report }: AskedState): boolean =>
  report.nextChecks.some((asked) =>
    answersTo(document, asked).some((next) => drillsOf(traceReport(next)) !== drillsOf(report)),
  );

import { apart } from '../../foundation/sides/onSide';
import type { CauseId, CauseKind } from '../../knowledge/causes';
import type { CheckId } from '../../knowledge/checks';
import { oneReferQuestion, type ReferId } from '../../knowledge/refer';
import type { ProbeId } from '../../knowledge/probes';
import { cautionsOf } from '../../inference/safety/cautionsOf';
import { plannedCauses } from '../../planning/session/plannedCauses';
import type { MaybeSide } from '../../foundation/sides/side';
import { attribute, type Share } from '../../inference/depth/attribute';
import { maybeDepthQuestion } from '../../inference/trace/depthShares';
import { nextChecks } from '../../planning/asking/nextChecks';
import { reconcile } from '../../inference/trace/reconcile/reconcile';
import type { Ignored } from '../../inference/trace/reconcile/kept';
import { reasonsOf, type CauseReasons } from '../../inference/trace/reasons';
import { trace, type TracedCause } from '../../inference/trace/trace';
import type { CaseFile, Opinion } from '../../records/case/caseFile';
import type { CaseDocument } from './caseDocument';
import { caseFileFrom } from './caseFileFrom';
import { derivedIn } from './derivedChecks';
import { NO_PLAN, planReport, type ReportedPlan } from './planReport';
import { careFrom, reportedCare, type ReportedCare } from './reportedCare';

interface ReportedCause {
  cause: CauseId;
  side: MaybeSide;
  kind: CauseKind;
  p: number;
  /** By the findings alone, where the coach holds otherwise. */
  byFindings?: number;
  coach?: Opinion;
  /** Of an ankle: nothing that pushes it further. */
  stopsInFront?: true;
  consistentWith: string;
  /** Fault ids, with a side where they have one (`hips-slide@left`). */
  explains: string[];
  /** Odds before anything was found, in decibans: with `because` they sum to those of the findings. */
  priorDecibans?: number;
  because: { finding: string; decibans: number }[];
}

/** What `taxikine trace` prints of a case file. */
export interface TraceReport {
  blocked: boolean;
  /** Why, when it is blocked. */
  reasons: { question: ReferId; urgency: 'emergency' | 'clinician'; say: string }[];
  cautions: string[];
  /** What the plan had to respect. */
  care: ReportedCare;
  causes: ReportedCause[];
  unexplained: readonly string[];
  ignored: readonly Ignored[];
  /** When the posture model has a say about the depth that is missing. */
  shares?: readonly Share[];
  nextChecks: (({ check: CheckId } | { probe: ProbeId }) & {
    side: MaybeSide;
    bitsPerMinute: number;
    why: string;
  })[];
  enough: boolean;
  plan: ReportedPlan;
}

const rounded = (value: number, digits: number): number => Number(value.toFixed(digits));

function causeOf(cause: TracedCause, why: CauseReasons | undefined): ReportedCause {
  const { cause: id, side, kind, p, byFindings, coach, consistentWith, explains } = cause;
  return {
    cause: id,
    side,
    kind,
    p: rounded(p, 4),
    ...(coach ? { byFindings: rounded(byFindings, 4), coach } : {}),
    consistentWith,
    explains: [...new Set(explains.map(({ fault }) => apart(fault).id))],
    ...(why ? { priorDecibans: rounded(why.prior, 2) } : {}),
    because: (why?.reasons ?? []).map(({ words, decibans }) => ({
      finding: words,
      decibans: rounded(decibans, 2),
    })),
  };
}

const planOf = (
  planned: ReturnType<typeof plannedCauses>,
  { pattern }: CaseFile['look'],
  care: ReportedCare,
  { approach, session }: CaseDocument,
): ReportedPlan =>
  planReport(planned, {
    pattern,
    ...careFrom(care),
    approach,
    ...session,
  });

/** Shares of a depth that was seen to be short; null when the model has no say. */
function maybeShares(file: CaseFile): readonly Share[] | null {
  const question = maybeDepthQuestion(file);
  if (!question || question.seenDeg === null) return null;
  return attribute(question).shares.map(({ part, cm }) => ({ part, cm: rounded(cm, 2) }));
}

/**
 * The whole judgement on one case file: causes with their reasons, what to ask next, and the session
 * that follows. A positive stop-and-refer answer leaves the session empty, whatever else it says.
 *
 * @throws RangeError when the findings are impossible together
 */
export function traceReport(document: CaseDocument): TraceReport {
  const file = caseFileFrom(document);
  const found = trace(file);
  const why = reasonsOf(file);
  const { ranked, enough } = nextChecks(file, document.approach, document.session);
  const shares = maybeShares(reconcile(file).file);
  const planned = plannedCauses(found, reconcile(file).file);
  const stops = new Set(planned.causes.flatMap((one) => (one.stopsInFront ? [one.key] : [])));
  const care = reportedCare(file);
  const blocked = file.client.refer.length > 0;
  return {
    blocked,
    reasons: [...new Set(file.client.refer)].map((question) => {
      const { urgency, say } = oneReferQuestion(question);
      return { question, urgency, say };
    }),
    cautions: cautionsOf(file, found),
    care,
    causes: found.causes.map((cause) => ({
      ...causeOf(cause, why.get(cause.key)),
      ...(stops.has(cause.key) ? { stopsInFront: true } : {}),
    })),
    unexplained: found.unexplained,
    ignored: [...derivedIn(document), ...found.ignored],
    ...(shares ? { shares } : {}),
    nextChecks: ranked.map(({ weight: _, tells: __, spares: ___, bitsPerMinute, ...one }) => ({
      ...one,
      bitsPerMinute: rounded(bitsPerMinute, 4),
    })),
    enough,
    plan: blocked ? NO_PLAN : planOf(planned, file.look, care, document),
  };
}

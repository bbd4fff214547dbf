import { oneReferQuestion, type ReferId } from '../../knowledge/refer';
import type { ClientFile } from '../../records/clientFile';

export interface BlockReason {
  readonly question: ReferId;
  readonly urgency: 'emergency' | 'clinician';
  readonly say: string;
  /** Visit in which the answer was positive, or entry from home. */
  readonly reportedIn: string;
  /** An emergency cannot be cleared in the visit in which it was reported. */
  readonly clearableNow: boolean;
}

export type Gate =
  | { readonly status: 'open' }
  | { readonly status: 'no-consent'; readonly guardian: boolean }
  | { readonly status: 'unasked'; readonly because: 'new-visit' | 'pain' }
  | {
      readonly status: 'blocked';
      readonly emergency: boolean;
      readonly reasons: readonly BlockReason[];
    };

type GateFile = Pick<ClientFile, 'client' | 'visits' | 'looks' | 'checks' | 'drills'> &
  Partial<Pick<ClientFile, 'homeEntries'>>;

interface Reported {
  /** Id of the visit, or of the entry from home. */
  readonly in: string;
  readonly positives: readonly ReferId[];
}

/** Positive answers of every visit, and what was answered at home. */
const reportedIn = ({ visits, homeEntries = [] }: GateFile): Reported[] => [
  ...visits.map((visit) => ({
    in: visit.id,
    positives: [...new Set(visit.asks.flatMap((ask) => ask.positives))],
  })),
  ...homeEntries.flatMap((entry) =>
    entry.kind === 'safety' ? [{ in: entry.id, positives: entry.positives }] : [],
  ),
];

/** Positive answers that nobody has cleared since. */
export function openReferrals(file: GateFile, visitId: string | null): BlockReason[] {
  const { client } = file;
  const cleared = new Set(
    client.clearances
      .filter(
        (one) =>
          oneReferQuestion(one.question).urgency !== 'emergency' ||
          one.recordedIn !== one.reportedIn,
      )
      .map((one) => `${one.question}@${one.reportedIn}`),
  );
  return reportedIn(file).flatMap((report) =>
    report.positives
      .filter((question) => !cleared.has(`${question}@${report.in}`))
      .map((question) => {
        const { urgency, say } = oneReferQuestion(question);
        const clearableNow = urgency === 'clinician' || report.in !== visitId;
        return { question, urgency, say, reportedIn: report.in, clearableNow };
      }),
  );
}

/** When the questions were last asked in this visit, and when pain was last reported in it. */
function lastTimes(
  { visits, looks, checks, drills }: GateFile,
  visitId: string,
): { asked: string; pain: string } {
  const asks = visits.find((visit) => visit.id === visitId)?.asks ?? [];
  const here = (one: { visitId: string }) => one.visitId === visitId;
  const pains = [
    ...looks.filter(here).flatMap((look) => look.pain),
    ...checks.filter(here).flatMap(({ pain }) => (pain ? [pain] : [])),
    ...drills
      .filter(here)
      .flatMap(({ pain, painOn }) => (pain && painOn ? [{ score: pain, on: painOn }] : [])),
  ];
  const latest = (times: string[]) => times.reduce((a, b) => (a > b ? a : b), '');
  return {
    asked: latest(asks.map((ask) => ask.on)),
    pain: latest(pains.filter((p) => p.score > 0).map((p) => p.on)),
  };
}

function consentGate({ client }: Pick<GateFile, 'client'>): Gate | null {
  const guardian = client.flags.includes('minor');
  if (!client.consent) return { status: 'no-consent', guardian };
  return guardian && !client.consent.guardian ? { status: 'no-consent', guardian } : null;
}

/** Whether the client, or for one under age a guardian, has consented. */
export const hasConsent = (file: Pick<GateFile, 'client'>): boolean => consentGate(file) === null;

/**
 * May drills be given in this visit? Only with consent, when the stop-and-refer questions were
 * asked (again after any pain), and every positive answer was cleared by somebody who may.
 */
export function gateOf(file: GateFile, visitId: string): Gate {
  const reasons = openReferrals(file, visitId);
  if (reasons.length > 0)
    return {
      status: 'blocked',
      emergency: reasons.some((one) => one.urgency === 'emergency'),
      reasons,
    };
  const consent = consentGate(file);
  if (consent) return consent;
  const { asked, pain } = lastTimes(file, visitId);
  if (!asked) return { status: 'unasked', because: 'new-visit' };
  return pain > asked ? { status: 'unasked', because: 'pain' } : { status: 'open' };
}

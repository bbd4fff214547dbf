import { suspectSide } from '../../inference/visit/suspectSide';
import { oneProbe } from '../../knowledge/probes';
import { groupBy } from '../../foundation/numeric/groupBy';
import type { Ignored } from '../../inference/trace/reconcile/kept';
import { withSide } from '../../inference/trace/observe/observeProbes';
import { reconcile } from '../../inference/trace/reconcile/reconcile';
import { maybeTrace } from '../../inference/trace/maybeTrace';
import { causeKey } from '../../knowledge/keys';
import type { CaseFile, CheckFinding } from '../../records/case/caseFile';
import { NOTHING_HELD } from '../../records/visits/nothingHeld';
import { NOTHING_MEASURED } from '../../records/checks/nothingMeasured';
import { NOTHING_SEEN } from '../../records/looks/nothingSeen';
import { NOTHING_TOLD } from '../../records/clients/nothingTold';
import type { CheckRecord } from '../../records/checks/checkRecord';
import type { ClientRecord } from '../../records/clients/clientRecord';
import type { LookRecord } from '../../records/looks/lookRecord';
import type { ProbeRecord } from '../../records/probes/probeRecord';
import type { VisitRecord } from '../../records/visits/visitRecord';
import type { Instant } from '../../foundation/time/instant';
import { caseFileFrom } from './caseFileFrom';
import type { CaseDocument } from './caseDocument';
import { caseDocumentOf } from './caseDocumentOf';
import { unknownPart } from './unknownPart';
import { NOTHING_TRIED } from '../../records/probes/nothingTried';

/** What only the device can say: who, when, and ids that nobody else has. */
export interface Making {
  readonly name: string;
  readonly now: Instant;
  readonly newId: () => string;
}

/** A case file as records: a client with one visit. Nothing is cleared, consented or asked by it. */
export interface CaseRecords {
  readonly client: ClientRecord;
  readonly visit: VisitRecord;
  readonly look: LookRecord;
  readonly probes: readonly ProbeRecord[];
  readonly checks: readonly CheckRecord[];
  /** Findings that contradict each other, and were left behind. */
  readonly ignored: readonly Ignored[];
}

const orNull = <T>(value: T | undefined): T | null => value ?? null;

interface Place {
  readonly clientId: string;
  readonly visitId: string;
}

/** A mean of several readings, of which only their number is known. */
const repeatsOf = ({ times = {}, ...modes }: CheckFinding): CheckRecord['repeats'] =>
  Object.fromEntries(
    Object.entries(times).flatMap(([mode, count]) => {
      const value = modes[mode as 'passive'];
      return typeof value === 'number' && count > 1 ? [[mode, Array(count).fill(value)]] : [];
    }),
  );

const checkRecord = (check: CheckFinding, place: Place, { now, newId }: Making): CheckRecord => ({
  ...NOTHING_MEASURED,
  ...place,
  id: newId(),
  role: 'first',
  check: check.check,
  side: orNull(check.side),
  passive: orNull(check.passive),
  active: orNull(check.active),
  braced: orNull(check.braced),
  result: orNull(check.result),
  felt: orNull(check.felt),
  pinch: orNull(check.pinch),
  repeats: repeatsOf(check),
  cheats: check.cheats ?? [],
  held: check.held ?? false,
  device: orNull(check.device),
  doneOn: now,
  removed: false,
});

const probeRecords = ({ probes, look }: CaseFile, place: Place, making: Making): ProbeRecord[] =>
  [...groupBy(probes, ({ probe }) => probe)].map(([probe, outcomes]) => ({
    ...NOTHING_TRIED,
    ...place,
    id: making.newId(),
    probe,
    setup: oneProbe(probe).change(look.setup, outcomes[0].side ?? suspectSide(look)),
    outcomes: outcomes
      .map((one) => withSide(one, look))
      .map(({ fault, side, outcome }) => ({ fault, side: orNull(side), outcome })),
    doneOn: making.now,
  }));

const lookRecord = (document: CaseDocument, file: CaseFile, place: Place, making: Making) => {
  const { setup, faults, clear, pain } = file.look;
  return {
    ...NOTHING_SEEN,
    ...place,
    id: making.newId(),
    role: 'first' as const,
    setup,
    // The look of a record knows the fields of this version; the others are kept with the visit.
    faults: faults.map(({ fault, side, phase, grade, value, unit }) => ({
      fault,
      side: orNull(side),
      phase,
      grade,
      ...(value === undefined ? {} : { value }),
      ...(unit === undefined ? {} : { unit }),
    })),
    clear,
    pain: pain.map(({ region, side, phase, score, kind }) => ({
      region,
      side: orNull(side),
      phase,
      score,
      kind,
      on: making.now,
    })),
    rating: document.look.rating ?? null,
    startedOn: making.now,
  };
};

const clientRecord = (document: CaseDocument, making: Making, id: string): ClientRecord => {
  const { heightM, massKg, segments, flags, history, given } = document.client;
  return {
    ...NOTHING_TOLD,
    id,
    name: making.name,
    about: '',
    heightM,
    massKg,
    segments: segments ?? {},
    flags,
    history: history.map(({ what, region, side, note, replaced, mostDeg }) => ({
      what,
      ...(region ? { region } : {}),
      ...(side ? { side } : {}),
      ...(note ? { note } : {}),
      ...(replaced ? { replaced } : {}),
      ...(mostDeg !== undefined ? { mostDeg } : {}),
    })),
    given: given.map(({ cause, side, region }) => ({ cause, side, ...(region ? { region } : {}) })),
    approach: document.approach,
    norms: document.norms ?? {},
  };
};

/** The opinions of a case with what the findings alone say of each now. */
function opinionsOf(file: CaseFile, now: Instant): VisitRecord['opinions'] {
  const found = maybeTrace(file);
  return (file.coach ?? []).map(({ cause, side, says, why }) => {
    const key = causeKey(cause, side ?? null);
    const byFindings = found?.causes.find((one) => one.key === key)?.byFindings ?? 0;
    return { cause, side: orNull(side), says, why, on: now, byFindings };
  });
}

/**
 * A new client with one visit, made from a case file. Positive stop-and-refer answers come along and
 * hold the visit back; clear ones do not count as asked, and consent is not recorded by it.
 */
export function recordsFromCase(document: CaseDocument, making: Making): CaseRecords {
  const { file, ignored } = reconcile(caseFileFrom(document));
  const [clientId, visitId] = [making.newId(), making.newId()];
  const place = { clientId, visitId };
  const client = clientRecord(document, making, clientId);
  const visit: VisitRecord = {
    ...NOTHING_HELD,
    id: visitId,
    clientId,
    pattern: document.look.pattern,
    openedOn: making.now,
    closedOn: null,
    step: 'trace',
    asks: file.client.refer.length > 0 ? [{ on: making.now, positives: file.client.refer }] : [],
    minutes: document.session.minutes,
    next: document.session.next,
    kit: [...document.session.kit],
    opinions: opinionsOf(file, making.now),
  };
  const records = {
    client,
    visit,
    look: lookRecord(document, file, place, making),
    probes: probeRecords(file, place, making),
    checks: file.checks.map((check) => checkRecord(check, place, making)),
    ignored,
  };
  return { ...records, visit: { ...visit, extra: extraOf(document, records) } };
}

/** Everything of the document that these records would not write again. */
function extraOf(document: CaseDocument, { client, visit, look, probes, checks }: CaseRecords) {
  const versioned = <T extends object>(record: T) => ({ ...record, version: 0 });
  const written = caseDocumentOf({
    client: versioned(client),
    visit: versioned(visit),
    first: versioned(look),
    again: null,
    probes: probes.map(versioned),
    checks: checks.map(versioned),
    drills: [],
    pictures: [],
    repeats: [],
    lessons: [],
  });
  const extra = unknownPart(document, written) as Record<string, unknown>;
  return Object.keys(extra).length > 0 ? extra : null;
}

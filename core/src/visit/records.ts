import type { CheckId, FeltWhere } from '../knowledge/checks';
import type { DrillId } from '../knowledge/drills';
import type { ClearKey, FaultId } from '../knowledge/faults';
import type { FlagId } from '../knowledge/flags';
import type { Pattern } from '../knowledge/patterns';
import type { ProbeId, ProbeOutcome } from '../knowledge/probes';
import type { ReferId } from '../knowledge/refer';
import type { Setup } from '../knowledge/setup';
import type { Segments } from '../body/body';
import type { GivenCause, HistoryItem, Pain, SeenFault } from '../trace/caseFile';
import type { MaybeSide } from '../sides/side';

/** Instants are ISO 8601 in UTC, days are `yyyy-mm-dd`; both made by the device that wrote. */
export type Instant = string;
export type Day = string;

/** A clinician's word about one positive answer, as the coach recorded it. */
export interface Clearance {
  question: ReferId;
  /** Visit in which the answer was positive. */
  reportedIn: string;
  /** Visit in which the coach recorded that it was cleared. */
  recordedIn: string;
  by: string;
  on: Day;
  scope: string;
}

export interface Consent {
  on: Day;
  wording: string;
  /** Name of the guardian; needed when the client is under age. */
  guardian: string | null;
}

export interface ClientRecord {
  id: string;
  name: string;
  about: string;
  heightM: number;
  massKg: number;
  segments: Segments;
  flags: FlagId[];
  history: HistoryItem[];
  given: GivenCause[];
  consent: Consent | null;
  clearances: Clearance[];
  /** How looks and drills of this client are set up, for each pattern the coach has saved it for. */
  setups: Partial<Record<Pattern, Setup>>;
}

/** Steps of a visit, in the order of the thread. */
export const STEPS = [
  'ask',
  'setup',
  'look',
  'probe',
  'check',
  'trace',
  'work',
  'again',
  'verdict',
] as const;
export type Step = (typeof STEPS)[number];

export interface Ask {
  on: Instant;
  positives: ReferId[];
}

export interface VisitRecord {
  id: string;
  clientId: string;
  pattern: Pattern;
  openedOn: Instant;
  closedOn: Instant | null;
  /** Where the coach left it. */
  step: Step;
  /** Every time the stop-and-refer questions were asked. Grows; never shrinks. */
  asks: Ask[];
  minutes: number;
  next: 'training' | 'rest';
}

export type LookRole = 'first' | 'again';
export const RATINGS = ['easy', 'medium', 'hard'] as const;

export interface LookRecord {
  id: string;
  clientId: string;
  visitId: string;
  role: LookRole;
  setup: Setup;
  faults: SeenFault[];
  clear: ClearKey[];
  pain: (Pain & { on: Instant })[];
  rating: (typeof RATINGS)[number] | null;
  startedOn: Instant;
}

export interface ProbeRecord {
  id: string;
  clientId: string;
  visitId: string;
  probe: ProbeId;
  /** Set-up under which the pattern was looked at again. */
  setup: Setup;
  outcomes: { fault: FaultId; side: MaybeSide; outcome: ProbeOutcome }[];
  doneOn: Instant;
  removed: boolean;
}

export interface CheckRecord {
  id: string;
  clientId: string;
  visitId: string;
  role: LookRole;
  check: CheckId;
  side: MaybeSide;
  passive: number | null;
  active: number | null;
  braced: number | string | null;
  result: string | null;
  felt: FeltWhere | null;
  pinch: boolean | null;
  doneOn: Instant;
  removed: boolean;
}

/** A running or paused set: worked out from the clock, so that a reload loses nothing. */
export interface SetClock {
  set: number;
  /** When the current stretch of work began; null while paused. */
  runningSince: Instant | null;
  /** Seconds worked in this set before that. */
  workedS: number;
}

export interface DrillRecord {
  id: string;
  clientId: string;
  visitId: string;
  drill: DrillId;
  side: MaybeSide;
  /** Keys of the causes it was chosen for. */
  targets: string[];
  place: number;
  status: 'planned' | 'done' | 'skipped' | 'stopped';
  clock: SetClock;
  pain: number | null;
  doneOn: Instant | null;
  removed: boolean;
}

/** Records by kind, as they are named in the API. */
export interface RecordOfKind {
  clients: ClientRecord;
  visits: VisitRecord;
  looks: LookRecord;
  probes: ProbeRecord;
  checks: CheckRecord;
  drills: DrillRecord;
}

export const RECORD_KINDS = ['clients', 'visits', 'looks', 'probes', 'checks', 'drills'] as const;
export type RecordKind = (typeof RECORD_KINDS)[number];

/** A record with the version the server gave it; 0 is not on the server yet. */
export type Versioned<T> = T & { version: number };

/** Everything kept about one client. */
export interface ClientFile {
  client: Versioned<ClientRecord>;
  visits: Versioned<VisitRecord>[];
  looks: Versioned<LookRecord>[];
  probes: Versioned<ProbeRecord>[];
  checks: Versioned<CheckRecord>[];
  drills: Versioned<DrillRecord>[];
}

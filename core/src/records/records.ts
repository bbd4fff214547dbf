import type { ApproachId } from '../knowledge/approaches';
import type { Cheat, Device } from '../knowledge/checkGuides';
import type { CheckId, CheckMode, FeltWhere } from '../knowledge/checks';
import type { Dose } from '../knowledge/drillRow';
import type { OwnDrill } from '../knowledge/ownDrill';
import type { ClearKey, FaultId } from '../knowledge/faults';
import type { FlagId } from '../knowledge/flags';
import type { Kit } from '../knowledge/kit';
import type { Norms } from '../knowledge/norms';
import type { NotYetId } from '../knowledge/notYet';
import type { Pattern, Phase, View } from '../body/stance/patterns';
import type { PhraseId } from '../knowledge/phrases';
import type { ProbeId, ProbeOutcome } from '../knowledge/probes';
import type { ReferId } from '../knowledge/refer';
import type { Region } from '../knowledge/regions';
import type { Setup, SHOES } from '../body/stance/setup';
import type { Weekday } from '../foundation/time/weekdays';
import type { Segments } from '../body/segments/body';
import type { MeasureId, MeasureUnit } from './measures';
import type { RecordingView } from './recording';
import type { Marks, PictureFrame } from './marks';
import { OPINIONS, type GivenCause, type HistoryItem, type Pain, type SeenFault } from './caseFile';
import type { CauseId } from '../knowledge/causes';
import type { MaybeSide } from '../foundation/sides/side';
import type { RungTry } from './rungTry';
import type { Weights } from '../knowledge/ladders/weights';
import type { HomeEntry } from './homeEntry';
import type { HomePlan } from './homePlan';
import type { MessageRecord } from './message';
import type { Day, Instant } from '../foundation/time/instant';
import type { SessionWish } from './sessionWish';

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
  /** What was left out of it: for one place, or for the whole body. */
  without?: {
    not: NotYetId[];
    region?: Region;
    side?: MaybeSide;
  };
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
  goal: string;
  approach: ApproachId;
  /** What is mostly worn; null when nobody asked. */
  footwear: (typeof SHOES)[number] | null;
  home: HomePractice;
  /** Where letters go; null: this client is not written to. */
  contact: Contact | null;
  /** What this coach holds usual for this client, where it is not what the table of checks says. */
  norms: Norms;
}

/** How a client is written to; of somebody under age, how the guardian is. */
export interface Contact {
  email: string;
  /** A letter when a look is due, without the coach's asking. */
  reminders: boolean;
}

/** What a client has at home, and when; minutes are null when nobody asked. */
export interface HomePractice {
  kit: Kit[];
  minutes: number | null;
  days: Weekday[];
}

/** What an older record lacks. */
export const NO_HOME: HomePractice = { kit: [], minutes: null, days: [] };

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
  /** What there is in the room today. */
  kit: Kit[];
  /** What the coach holds on to in the session, before it is begun. */
  wish: SessionWish;
  /** What the coach said of single causes, the newest last. Grows; never shrinks. */
  opinions: VisitOpinion[];
  /** The trace that the work was chosen by; null until then. */
  traced: TraceSnapshot | null;
  /** Fields of a case file it was made from that this version does not know: kept for the next export. */
  extra: Record<string, unknown> | null;
}

/** `open` takes an earlier word back: the cause is again what the findings say. */
export const VISIT_OPINIONS = [...OPINIONS, 'open'] as const;

export interface VisitOpinion {
  cause: CauseId;
  side: MaybeSide;
  says: (typeof VISIT_OPINIONS)[number];
  why: string;
  on: Instant;
  /** What the findings alone said then. */
  byFindings: number;
}

/** Causes with their probabilities at one moment, most probable first. */
export interface TraceSnapshot {
  on: Instant;
  causes: { cause: CauseId; side: MaybeSide; p: number; byFindings: number }[];
}

export type LookRole = 'first' | 'again';
/** A check is also taken between two drills, to see which of them moved it. */
export type CheckRole = LookRole | 'between';
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
  /** Repetitions in the order they were done; times where the tempo was tapped. */
  reps: Rep[];
  notes: LookNote[];
  /** Time spent resting at the bottom; null when it was not tried. */
  hold: HoldClock | null;
  /** What recordings of this look measured, where the coach kept it. */
  recordings: KeptRecording[];
  startedOn: Instant;
}

/** The measures of a recording; its points stay on the device that measured it. */
export interface KeptRecording {
  id: string;
  on: Instant;
  view: RecordingView;
  repetitions: number;
  measures: {
    measure: MeasureId;
    side: MaybeSide;
    unit: MeasureUnit;
    mean: number;
    sd: number | null;
  }[];
}

/** One repetition: seconds from standing to the bottom and back, null when only counted. */
export interface Rep {
  downS: number | null;
  upS: number | null;
}

/** Something said with one tap while watching. */
export interface LookNote {
  phrase: PhraseId;
  phase: Phase;
  on: Instant;
}

/** A running or stopped hold: worked out from the clock, so that a reload loses nothing. */
export interface HoldClock {
  /** When the current stretch began; null while stopped. */
  runningSince: Instant | null;
  heldS: number;
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
  role: CheckRole;
  /** The drill that was just done, for one taken between two; null otherwise. */
  afterDrill: string | null;
  check: CheckId;
  side: MaybeSide;
  passive: number | null;
  active: number | null;
  braced: number | string | null;
  result: string | null;
  felt: FeltWhere | null;
  pinch: boolean | null;
  /** Every reading of a mode that was taken more than once; the mode's own number is their mean. */
  repeats: Partial<Record<CheckMode, number[]>>;
  cheats: Cheat[];
  /** The client's own word, 0 to 10, and when it was said. */
  pain: { score: number; on: Instant } | null;
  device: Device | null;
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

export const DRILL_FORMS = ['easier', 'usual', 'harder'] as const;
export type DrillForm = (typeof DRILL_FORMS)[number];

export const KEEPS = ['keep', 'drop', 'swap'] as const;
export type Keep = (typeof KEEPS)[number];

/** One set as it was done. */
export interface SetLog {
  workedS: number;
  form: DrillForm;
  on: Instant;
}

export interface DrillRecord {
  id: string;
  clientId: string;
  visitId: string;
  /** Id in the library, or of a coach's own drill. */
  drill: string;
  /** The coach's own drill as it was when it was chosen; null for one that ships. */
  own: OwnDrill | null;
  side: MaybeSide;
  /** Keys of the causes it was chosen for. */
  targets: string[];
  place: number;
  /** What was to be done of it. */
  dose: Dose;
  form: DrillForm;
  /** The rung that it climbs, of a ladder; null for any other drill. */
  rung: RungTry | null;
  status: 'planned' | 'done' | 'skipped' | 'stopped';
  clock: SetClock;
  /** What was really done: a row for every set that was ended, whole or not. */
  log: SetLog[];
  /** What becomes of it after the second look; null until somebody says. */
  keep: Keep | null;
  pain: number | null;
  /** When that was said. */
  painOn: Instant | null;
  doneOn: Instant | null;
  removed: boolean;
}

/** Marks on a still picture. The picture stays on the device unless it is kept: see `ImageRecord`. */
export interface PictureRecord extends PictureFrame {
  id: string;
  clientId: string;
  visitId: string;
  role: LookRole;
  view: View;
  phase: Phase;
  /** Pixels of the picture that was marked. */
  width: number;
  height: number;
  marks: Marks;
  /** How often its image was written: the version the next write of it begins from. */
  imageWrites: number;
  kept: boolean;
  takenOn: Instant;
  removed: boolean;
}

/** The picture of a `PictureRecord` of the same id, stripped to its pixels; null once it was let go. */
export interface ImageRecord {
  id: string;
  clientId: string;
  visitId: string;
  /** Base64. */
  jpeg: string | null;
}

/** A coach's own drill. Deleted ones are marked and stay: old sessions hold what they were. */
export interface OwnDrillRecord extends OwnDrill {
  removed: boolean;
}

/** A plan for home, made from one visit. A client may have had many; the newest that is not ended holds. */
export interface HomePlanRecord extends HomePlan {
  id: string;
  clientId: string;
  visitId: string;
  madeOn: Instant;
  endedOn: Instant | null;
}

/** What there is to load with. A practice has one; it has the practice's own id. */
export interface RoomRecord {
  id: string;
  weights: Weights;
}

/** Records by kind, as they are named in the API. */
export interface RecordOfKind {
  clients: ClientRecord;
  visits: VisitRecord;
  looks: LookRecord;
  probes: ProbeRecord;
  checks: CheckRecord;
  drills: DrillRecord;
  pictures: PictureRecord;
  images: ImageRecord;
  homePlans: HomePlanRecord;
  messages: MessageRecord;
  ownDrills: OwnDrillRecord;
  rooms: RoomRecord;
}

export const RECORD_KINDS = [
  'clients',
  'visits',
  'looks',
  'probes',
  'checks',
  'drills',
  'pictures',
  'images',
  'homePlans',
  'messages',
  'ownDrills',
  'rooms',
] as const;
export type RecordKind = (typeof RECORD_KINDS)[number];

/** Kinds that a client's file holds; images are fetched one by one. */
export const KINDS_IN_FILE = [
  'visits',
  'looks',
  'probes',
  'checks',
  'drills',
  'pictures',
  'homePlans',
  'messages',
] as const;
export type KindInFile = (typeof KINDS_IN_FILE)[number];

/** Kinds that belong to the practice and to no client. */
export const KINDS_OF_PRACTICE = ['ownDrills', 'rooms'] as const;
export type KindOfPractice = (typeof KINDS_OF_PRACTICE)[number];

/** Everything kept of the practice itself. */
export interface PracticeFile {
  ownDrills: Versioned<OwnDrillRecord>[];
  rooms: Versioned<RoomRecord>[];
}

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
  pictures: Versioned<PictureRecord>[];
  homePlans: Versioned<HomePlanRecord>[];
  messages: Versioned<MessageRecord>[];
  /** What the client said from home, oldest first. Written by the client alone. */
  homeEntries: HomeEntry[];
}

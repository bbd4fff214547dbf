import type { Segments } from '../../body/segments/body';
import type { CauseId } from '../../knowledge/causes';
import type { Cheat, Device } from '../../knowledge/checkGuides';
import type { CheckId, CheckMode, FeltWhere } from '../../knowledge/checks';
import type { Norms } from '../../knowledge/norms';
import type { FaultUnit } from '../../knowledge/faultRow';
import type { ClearKey, FaultId } from '../../knowledge/faults';
import type { FlagId } from '../../knowledge/flags';
import type { HistoryKind } from '../../knowledge/history';
import type { Grade, Pattern, Phase } from '../../body/stance/patterns';
import type { Region } from '../../knowledge/regions';
import type { ProbeId, ProbeOutcome } from '../../knowledge/probes';
import type { ReferId } from '../../knowledge/refer';
import type { Setup } from '../../body/stance/setup';
import type { NotYetAllowed } from './notYetAllowed';
import type { MaybeSide, Side } from '../../foundation/sides/side';

export interface SeenFault {
  fault: FaultId;
  side?: MaybeSide;
  phase: Phase;
  grade: Grade;
  value?: number;
  unit?: FaultUnit;
}

export const PAIN_KINDS = ['ache', 'sharp', 'pinch', 'pull', 'electric'] as const;

export interface Pain {
  region: Region;
  side?: MaybeSide;
  phase: Phase;
  /** 0 to 10, the client's own word. */
  score: number;
  kind: (typeof PAIN_KINDS)[number];
}

export interface HistoryItem {
  what: HistoryKind;
  region?: Region;
  side?: MaybeSide;
  /** Of an operation: the joint was replaced. */
  replaced?: true;
  /** How far the surgeon lets a replaced joint bend, in degrees; not there until it was told. */
  mostDeg?: number;
  /** What it is, in the client's words; says nothing to the trace. */
  note?: string;
}

export interface GivenCause {
  cause: CauseId;
  side: Side;
  /** Of a prosthesis: where the limb ends. */
  region?: Region;
}

export interface ProbeFinding {
  probe: ProbeId;
  outcome: ProbeOutcome;
  fault: FaultId;
  side?: MaybeSide;
}

export interface CheckFinding {
  check: CheckId;
  side?: MaybeSide;
  passive?: number;
  active?: number;
  braced?: number | string;
  unit?: 'deg' | 's' | 'reps';
  result?: string;
  felt?: FeltWhere;
  pinch?: boolean;
  /** How many readings a mode's number is the mean of; 1 when not said. */
  times?: Partial<Record<CheckMode, number>>;
  cheats?: Cheat[];
  /** The pelvis was held, so that none of the reading is its roll. */
  held?: boolean;
  device?: Device;
}

export const OPINIONS = ['pinned', 'dismissed'] as const;

/** The coach's word on one cause, beside what the trace says by itself. */
export interface Opinion {
  cause: CauseId;
  side?: MaybeSide;
  says: (typeof OPINIONS)[number];
  why: string;
}

/**
 * What an earlier visit taught of a cause: the pattern got better with it (`helped`), its joint got
 * better and the pattern did not (`not-it`), or neither moved (`unmoved`).
 */
export const LESSON_OUTCOMES = ['helped', 'not-it', 'unmoved'] as const;

export interface Lesson {
  cause: CauseId;
  side?: MaybeSide;
  outcome: (typeof LESSON_OUTCOMES)[number];
  words: string;
}

/** All that a trace is made from: the inside of Taxikine's open exchange format. */
export interface CaseFile {
  client: {
    heightM: number;
    massKg: number;
    segments?: Segments;
    flags: FlagId[];
    refer: ReferId[];
    history: HistoryItem[];
    given: GivenCause[];
  };
  look: {
    pattern: Pattern;
    setup: Setup;
    faults: SeenFault[];
    /** Looked for and not there. */
    clear: ClearKey[];
    pain: Pain[];
  };
  probes: ProbeFinding[];
  checks: CheckFinding[];
  /** What the coach holds usual for this client, where it is not what the table of checks says. */
  norms?: Norms;
  coach?: Opinion[];
  lessons?: Lesson[];
  /** What clinicians have not allowed yet; it stays in the practice, since it names them. */
  notYet?: readonly NotYetAllowed[];
}

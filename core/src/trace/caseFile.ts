import type { Segments } from '../body/body';
import type { CauseId } from '../knowledge/causes';
import type { CheckId, FeltWhere } from '../knowledge/checks';
import type { ClearKey, FaultId } from '../knowledge/faults';
import type { FlagId } from '../knowledge/flags';
import type { HistoryKind } from '../knowledge/history';
import type { Grade, Pattern, Phase, Region } from '../knowledge/patterns';
import type { ProbeId, ProbeOutcome } from '../knowledge/probes';
import type { ReferId } from '../knowledge/refer';
import type { Setup } from '../knowledge/setup';
import type { MaybeSide, Side } from '../sides/side';

export interface SeenFault {
  fault: FaultId;
  side?: MaybeSide;
  phase: Phase;
  grade: Grade;
  value?: number;
  unit?: 'deg' | 'mm';
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
}

export interface GivenCause {
  cause: CauseId;
  side: Side;
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
}

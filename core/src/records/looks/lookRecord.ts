import type { Setup } from '../../body/stance/setup';
import type { SeenFault, Pain } from '../case/caseFile';
import type { ClearKey } from '../../knowledge/faults';
import type { Instant } from '../../foundation/time/instant';
import type { RecordingView } from '../recordings/recording';
import type { MeasureId, MeasureUnit } from '../recordings/measures';
import type { MaybeSide } from '../../foundation/sides/side';
import type { PhraseId } from '../../knowledge/phrases';
import type { Phase } from '../../body/stance/patterns';

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

import type { Instant } from '../../foundation/time/instant';
import type { ReferId } from '../../knowledge/refer';
import type { Pattern } from '../../body/stance/patterns';
import type { Kit } from '../../knowledge/kit';
import type { SessionWish } from './sessionWish';
import { OPINIONS } from '../case/caseFile';
import type { CauseId } from '../../knowledge/causes';
import type { MaybeSide } from '../../foundation/sides/side';

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

import type { Norms } from '../../knowledge/norms';
import { USUAL_WAYS, type Ways } from '../../foundation/words/ways';

/** After so many minutes without a touch a screen locks itself, where a practice wants it. */
export const IDLE_MINUTES = [2, 5, 15, 30, 60] as const;

/** What a practice decides for all its coaches. */
export interface PracticeSettings extends Ways {
  readonly name: string;
  /** Minutes without a touch until a screen locks itself; null when it never does. */
  readonly idleMin: number | null;
  /** What counts as usual or restricted here, where it is not what the table says; a client's own goes before it. */
  readonly norms: Norms;
}

/** Of a practice that has decided nothing. */
export const USUAL_SETTINGS: Omit<PracticeSettings, 'name'> = {
  ...USUAL_WAYS,
  idleMin: null,
  norms: {},
};

/** What clients are asked to agree to, as it was at some time; a version stays as it is. */
export interface ConsentWording {
  readonly version: string;
  readonly text: string;
  /** Instant. */
  readonly madeOn: string;
}

/** The one that ships, for a practice that has not worded it itself. Another text would be another version. */
export const SHIPPED_WORDING: Omit<ConsentWording, 'madeOn'> = {
  version: '2026-1',
  text: 'The client agrees that this practice keeps these notes and works with them.',
};

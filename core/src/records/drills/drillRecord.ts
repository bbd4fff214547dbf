import type { Instant } from '../../foundation/time/instant';
import type { OwnDrill } from '../../knowledge/ownDrill';
import type { MaybeSide } from '../../foundation/sides/side';
import type { Dose } from '../../knowledge/drillRow';
import type { RungTry } from './rungTry';

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

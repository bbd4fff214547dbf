import type { Norms } from '../knowledge/norms';
import type { UnitSystem } from '../words/unitSystem';

/** After so many minutes without a touch a screen locks itself, where a practice wants it. */
export const IDLE_MINUTES = [2, 5, 15, 30, 60] as const;

/** Days that weeks begin with, where people live. */
export const WEEK_STARTS = ['mon', 'sun', 'sat'] as const;
export type WeekStart = (typeof WEEK_STARTS)[number];

/** What a practice decides for all its coaches. */
export interface PracticeSettings {
  readonly name: string;
  /** Minutes without a touch until a screen locks itself; null when it never does. */
  readonly idleMin: number | null;
  /** How lengths and masses are said and typed. */
  readonly units: UnitSystem;
  /** IANA name of the zone whose days are meant; null: the device's own, and UTC where there is no device. */
  readonly timeZone: string | null;
  readonly weekStart: WeekStart;
  /** What counts as usual or restricted here, where it is not what the table says; a client's own goes before it. */
  readonly norms: Norms;
}

/** Of a practice that has decided nothing. */
export const USUAL_SETTINGS: Omit<PracticeSettings, 'name'> = {
  idleMin: null,
  units: 'metric',
  timeZone: null,
  weekStart: 'mon',
  norms: {},
};

/** What clients are asked to agree to, as it was at some time; a version stays as it is. */
export interface ConsentWording {
  readonly version: string;
  readonly text: string;
  /** Instant. */
  readonly madeOn: string;
}

/** The version that ships: what a practice has not worded itself. */
export const SHIPPED_WORDING = '2026-1';

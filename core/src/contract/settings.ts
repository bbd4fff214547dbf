/** After so many minutes without a touch a screen locks itself, where a practice wants it. */
export const IDLE_MINUTES = [2, 5, 15, 30, 60] as const;

/** What a practice decides for all its coaches. */
export interface PracticeSettings {
  readonly name: string;
  /** Minutes without a touch until a screen locks itself; null when it never does. */
  readonly idleMin: number | null;
}

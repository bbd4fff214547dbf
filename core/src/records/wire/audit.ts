/** What is kept of who did what in a practice. */
export const DEEDS = [
  'founded',
  'signed-in',
  'signed-out',
  'session-ended',
  'guessed-at',
  'name-changed',
  'password-changed',
  'password-chosen',
  'reset-asked',
  'factor-on',
  'factor-off',
  'recovery-used',
  'recovery-renewed',
  'passkey-added',
  'passkey-removed',
  'file-read',
  'client-exported',
  'practice-exported',
  'practice-restored',
  'erased',
  'report-made',
  'handout-made',
  'client-kept',
  'client-opened',
  'handed-over',
  'settings-changed',
  'consent-worded',
  'link-made',
  'link-closed',
  'invited',
  'invited-again',
  'role-changed',
  'let-go',
  'let-in-again',
  'deeds-exported',
] as const;
export type Deed = (typeof DEEDS)[number];

/** A file that is read again and again is kept as read once in so many minutes, by each coach. */
export const READ_EVERY_MIN = 60;

/** Something that was done, as an owner is told of it. */
export interface DeedShown {
  readonly id: string;
  /** Instant. */
  readonly on: string;
  readonly deed: Deed;
  /** Name of the coach. */
  readonly by: string;
  /** Id of the client or the coach that it was done to; null where it was to nobody. */
  readonly to: string | null;
  /** Their name; null when they are gone. */
  readonly name: string | null;
  /** What else is to be said: a device, a role. */
  readonly detail: string;
}

import type { Instant, Day } from '../../foundation/time/instant';

/** What clients are written about: their plan is ready, or a look is due. */
export const MESSAGE_KINDS = ['plan-ready', 'review-due'] as const;

export type MessageKind = (typeof MESSAGE_KINDS)[number];

/** Why a letter was not, and will not be, sent. */
export const UNSENT = [
  'no-address',
  'no-consent',
  'held-back',
  'no-plan',
  'not-due',
  'refused',
  'moved',
] as const;

export type Unsent = (typeof UNSENT)[number];

/** What became of a letter; written by the server alone. */
export type Delivery =
  | { readonly state: 'sent'; readonly on: Instant; readonly to: string }
  | {
      readonly state: 'failed';
      readonly on: Instant;
      readonly to: string | null;
      readonly why: Unsent;
      /** What the mail service said, where it did. */
      readonly said: string | null;
    };

/** A letter to a client: asked for by a coach, or by the calendar. Its text is made as it goes out. */
export interface MessageRecord {
  id: string;
  clientId: string;
  kind: MessageKind;
  /** The plan that is ready; null for a look that is due. */
  planId: string | null;
  /** The day the look is due; null for a plan. */
  dueOn: Day | null;
  askedOn: Instant;
  /** Coach who asked; null when the calendar did. Written by the server alone. */
  askedBy: string | null;
  /** null while it waits. */
  delivery: Delivery | null;
}

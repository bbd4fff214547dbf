/** So long is a password that is chosen at least. Long is what helps; which signs are in it does not. */
export const LEAST_PASSWORD = 10;

/** Somewhere a coach is signed in, as that coach is told of it. */
export interface SessionShown {
  readonly id: string;
  /** Browser and system, where the device said so; empty otherwise. */
  readonly device: string;
  /** Instants; the last sign of it is known to a few minutes. */
  readonly begunOn: string;
  readonly seenOn: string;
  /** The one that asks. */
  readonly here: boolean;
}

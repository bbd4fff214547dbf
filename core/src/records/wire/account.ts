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

/** A key that a device of a coach holds, as that coach is told of it. */
export interface PasskeyShown {
  readonly id: string;
  /** What the coach calls the device. */
  readonly name: string;
  /** Instants; `usedOn` is null until it has let them in. */
  readonly madeOn: string;
  readonly usedOn: string | null;
}

/** A second thing that is asked for at the door, as the coach whose it is is told of it. */
export interface FactorShown {
  /** Instant; null while only the password is asked for. */
  readonly since: string | null;
  /** Recovery codes that are still good. */
  readonly recoveryLeft: number;
}

/** What an authenticator is set up with, told once. */
export interface NewFactor {
  /** In base 32, to be typed where no picture can be taken. */
  readonly secret: string;
  /** The same as an `otpauth:` address, to be drawn. */
  readonly address: string;
}

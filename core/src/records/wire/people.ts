/** What somebody may do in a practice: an owner also exports, restores, erases, and says who the people are. */
export const ROLES = ['owner', 'coach'] as const;
export type Role = (typeof ROLES)[number];

/** An invitation opens for so many days, and once. */
export const INVITE_DAYS = 7;
/** A link for another password opens for so many minutes, and once. */
export const RESET_MINUTES = 30;

/** Somebody of a practice, as its owner is told of them. */
export interface PersonShown {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  readonly role: Role;
  /** `invited`: has chosen no password yet; `ended`: is not let in any more. */
  readonly state: 'here' | 'invited' | 'ended';
  /** A code of an authenticator is asked for at the door, besides the password. */
  readonly hasFactor: boolean;
  /** Clients who are kept to them. */
  readonly keeps: number;
}

/** Whom a client is kept to. */
export interface KeeperShown {
  readonly id: string;
  readonly name: string;
}

/** What opens with a link to choose a password. */
export interface WelcomeShown {
  readonly name: string;
  readonly email: string;
  readonly practice: string;
  readonly purpose: 'invite' | 'reset';
}

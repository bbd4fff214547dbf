/** Where somebody is signed in. */
export const OWN_SESSIONS = ['own-sessions'] as const;
/** What is asked of a coach at the door besides the password. */
export const OWN_FACTOR = ['own-factor'] as const;
/** The keys of a coach's devices. */
export const OWN_PASSKEYS = ['own-passkeys'] as const;
/** Who is of the practice. */
export const PEOPLE = ['people'] as const;
/** Whom a client is kept to. */
export const KEEPING = ['keeping'] as const;
/** Who did what. */
export const DEEDS_DONE = ['deeds'] as const;

/** Of the house and not of a client: asked anew each time, and not kept on the device. */
export const ASKED_ANEW: readonly unknown[] = [
  OWN_SESSIONS,
  OWN_FACTOR,
  OWN_PASSKEYS,
  PEOPLE,
  KEEPING,
  DEEDS_DONE,
].map(([key]) => key);

/** Asked anew each time: where somebody is signed in is not kept on the device. */
export const OWN_SESSIONS = ['own-sessions'] as const;

export const ROOT: string;
/** Everything our commands keep beside the code; ignored by git. */
export const KEPT: string;
/** Letters that the simulated outbox took, a file each. */
export const OUTBOX: string;
export const WEB_DIST: string;

/** What stands before the servers answers for them while they start again, which takes them a second or two. */
const isBetweenServers = (status: number | null): boolean =>
  status !== null && status >= 502 && status <= 504;

/**
 * How long until something is asked again.
 *
 * @param tries how often it was asked again before
 * @param status what it was answered with; null when nobody answered
 * @returns milliseconds
 */
export const waitBefore = (tries: number, status: number | null): number =>
  Math.min(500 * 2 ** tries, isBetweenServers(status) ? 1000 : 2000);

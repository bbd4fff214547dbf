/** So many days after its course a client's page is still open. */
const DAYS_AFTER = 14;

/** How long a link to a plan holds, in days, from the weeks of its course. */
export const linkDays = (weeks: number): number => 7 * weeks + DAYS_AFTER;

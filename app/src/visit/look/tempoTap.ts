import type { Rep } from '@taxikine/core/records/looks/lookRecord';

/** Where a tapped repetition is: what the next tap says. */
export type TempoTap =
  | { readonly at: 'standing' }
  | { readonly at: 'going-down'; readonly since: number }
  | { readonly at: 'coming-up'; readonly since: number; readonly downS: number };

export const STANDING: TempoTap = { at: 'standing' };

/** Longer than any repetition: the taps were left lying, and begin anew. */
const LOST_AFTER_S = 60;

const secondsSince = (since: number, now: number): number => Math.round((now - since) / 100) / 10;

/**
 * One tap of the tempo: goes down, is at the bottom, stands. The third makes a repetition of it.
 *
 * @param now milliseconds of any steady clock
 */
export function tapTempo(was: TempoTap, now: number): { next: TempoTap; rep: Rep | null } {
  if (was.at === 'standing' || secondsSince(was.since, now) > LOST_AFTER_S)
    return { next: { at: 'going-down', since: now }, rep: null };
  const seconds = secondsSince(was.since, now);
  return was.at === 'going-down'
    ? { next: { at: 'coming-up', since: now, downS: seconds }, rep: null }
    : { next: STANDING, rep: { downS: was.downS, upS: seconds } };
}

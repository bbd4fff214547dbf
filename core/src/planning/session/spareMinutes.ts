import type { Candidate } from './candidates';

/** Fewer than these, or than this share of the session, is not worth a word. */
const LEAST_SPARE = { minutes: 3, share: 0.25 } as const;

/** What keeps a session from being longer: nothing is likely, something hurts, or it is long enough. */
export type SpareReason = 'guess' | 'pain' | 'enough';

const WORDS: Readonly<Record<SpareReason, string>> = {
  guess: 'nothing is likely enough for more work yet; they are better spent on checks',
  pain: 'what hurts keeps more from being done today',
  enough: 'more of this would tire and not help sooner',
};

/** Why a session does not use its minutes; null when it uses most of them, or there is none. */
export function maybeSpare(
  session: readonly Candidate[],
  minutes: number,
  reason: SpareReason,
): string | null {
  const used = session.reduce((sum, one) => sum + one.minutes, 0);
  const spare = minutes - used;
  if (session.length === 0 || spare < Math.max(LEAST_SPARE.minutes, LEAST_SPARE.share * minutes))
    return null;
  // As the session is told: in whole minutes, the begun one with it.
  return `About ${minutes - Math.ceil(used)} of ${minutes} minutes are left: ${WORDS[reason]}.`;
}

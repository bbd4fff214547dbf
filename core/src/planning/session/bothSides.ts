import { loadOf } from '../../knowledge/loadOf';
import type { Candidate } from './candidates';
import { SAME } from './same';

/** A pattern on staggered feet: what one foot in front teaches, the other has to learn too. */
const isStaggeredPattern = ({ drill }: Candidate): boolean =>
  drill.family === 'pattern' && loadOf(drill).stance === 'staggered';

/** All it is for has no side: trunk, breath, mid-back, build. */
const isForWholeBody = ({ aimed }: Candidate): boolean =>
  aimed.length > 0 && aimed.every(({ side }) => side === null);

const isForBoth = (one: Candidate): boolean =>
  one.drill.oneSided && (isStaggeredPattern(one) || isForWholeBody(one));

const isTwin = (one: Candidate, other: Candidate): boolean =>
  other.drill === one.drill && other.side !== one.side;

/** The same drill on the other side, where it may be done and is done on both; null where not. */
export const maybeTwin = (one: Candidate, free: readonly Candidate[]): Candidate | null =>
  (isForBoth(one) && free.find((other) => isTwin(one, other) && isForBoth(other))) || null;

/** How much that has a side speaks for doing it on this one first. */
const suspicion = ({ aimed }: Candidate): number =>
  aimed.filter(({ side }) => side !== null).reduce((sum, { p }) => sum + p, 0);

/** Of equals the one that is named first, which is the suspect side's. */
function comesFirst(one: Candidate, other: Candidate, free: readonly Candidate[]): boolean {
  const more = suspicion(one) - suspicion(other);
  return Math.abs(more) > SAME ? more > 0 : free.indexOf(one) < free.indexOf(other);
}

/** Of what is done on both sides, one that stands for both and takes the time of both: the suspect side's. */
export const withTwins = (free: readonly Candidate[]): Candidate[] =>
  free.flatMap((one) => {
    const twin = maybeTwin(one, free);
    if (!twin) return [one];
    return comesFirst(one, twin, free) ? [{ ...one, minutes: one.minutes + twin.minutes }] : [];
  });

/** What was chosen, each side by itself again, the suspect one first, both with the dose that was chosen. */
export const apart = (
  chosen: readonly Candidate[],
  free: readonly Candidate[],
): readonly Candidate[] =>
  chosen.flatMap((one) => {
    const twin = maybeTwin(one, free);
    if (!twin) return [one];
    const minutes = one.minutes / 2;
    return [
      { ...one, minutes },
      { ...twin, dose: one.dose, minutes },
    ];
  });

import type { Family } from '../../knowledge/drillRow';
import { FAMILY_DOSES } from '../../knowledge/familyDoses';
import type { Candidate } from './candidates';
import { doseMinutes } from '../../knowledge/doseSeconds';
import { SAME } from './same';
import type { SessionLimits } from './sessionLimits';

/** Kinds of drill of which more sets do more, in the order in which they get them; before training nothing that tires. */
const GROWS: Readonly<Record<SessionLimits['next'], readonly Family[]>> = {
  training: ['pattern', 'active', 'joint'],
  rest: ['strengthen', 'ladder', 'pattern', 'active', 'joint', 'hold'],
};

const minutesOf = (session: readonly Candidate[]): number =>
  session.reduce((sum, { minutes }) => sum + minutes, 0);

/** One more set of a drill, on every side that it is done on. */
const withOneMore = (session: readonly Candidate[], id: string): readonly Candidate[] =>
  session.map((one) => {
    if (one.drill.id !== id) return one;
    const dose = { ...one.dose, sets: one.dose.sets + 1 };
    return { ...one, dose, minutes: doseMinutes(dose) };
  });

/**
 * A session that has minutes left, in more sets of what more sets help: one a drill in turn, as many as are usual
 * for its kind and no more than there is time for.
 *
 * @param mayGrow the dose of some is not ours to change, or is small on purpose
 */
export function lengthened(
  session: readonly Candidate[],
  { minutes, next }: Pick<SessionLimits, 'minutes' | 'next'>,
  mayGrow: (one: Candidate) => boolean,
): readonly Candidate[] {
  const ids = new Set(session.map(({ drill }) => drill.id));
  const sidesOf = (id: string) => session.filter(({ drill }) => drill.id === id);
  const growing = GROWS[next].flatMap((family) =>
    [...ids].filter((id) => sidesOf(id)[0].drill.family === family && sidesOf(id).every(mayGrow)),
  );
  const grown = growing.reduce((now, id) => {
    const { drill, dose } = now.find((one) => one.drill.id === id)!;
    if (dose.sets >= FAMILY_DOSES[drill.family].sets[1]) return now;
    const more = withOneMore(now, id);
    return minutesOf(more) <= minutes + SAME ? more : now;
  }, session);
  return grown === session ? session : lengthened(grown, { minutes, next }, mayGrow);
}

import { groupBy } from '../../foundation/numeric/groupBy';
import { probabilityWords } from '../../foundation/words/probability';
import { type Candidate, type PlannedCause } from './candidates';
import { drillKey } from '../../knowledge/keys';
import { isGuesswork } from './isGuesswork';
import { maybeAgainst } from './reasonAgainst';
import type { SessionLimits } from './sessionLimits';
import type { SessionWish } from '../../records/visits/sessionWish';

export interface LeftOut {
  readonly drill: string;
  readonly name: string;
  readonly reason: string;
}

/** Drills for a likely cause that something speaks against on every side they are wanted on. */
function forbidden(
  wanted: readonly Candidate[],
  likely: readonly PlannedCause[],
  limits: SessionLimits,
): LeftOut[] {
  const byDrill = groupBy(wanted, ({ drill }) => drill.id);
  return [...byDrill].flatMap(([drill, ones]) => {
    const reasons = ones.map((one) => maybeAgainst(one, likely, limits));
    return reasons.every((one) => one !== null)
      ? [{ drill, name: ones[0].drill.name, reason: reasons[0]!.reason }]
      : [];
  });
}

/** For each likely cause that nothing in the session aims at, the drill that would have been first. */
function noRoom(
  wanted: readonly Candidate[],
  session: readonly Candidate[],
  likely: readonly PlannedCause[],
  limits: SessionLimits,
  wish: SessionWish,
): LeftOut[] {
  const served = new Set(session.flatMap(({ aimed }) => aimed.map(({ key }) => key)));
  const dropped = new Set(wish.dropped.map(drillKey));
  const isGuess = isGuesswork(likely);
  const missed = likely.filter(({ key, kind }) => !served.has(key) && kind !== 'given');
  const first = missed.flatMap((cause) => {
    const shareOf = ({ serves }: Candidate) =>
      serves.find(({ target }) => target === cause.key)?.share ?? 0;
    const [best] = wanted
      .filter((one) => shareOf(one) > 0 && maybeAgainst(one, likely, limits) === null)
      .sort((a, b) => shareOf(b) - shareOf(a));
    if (!best) return [];
    const reason = dropped.has(best.key)
      ? 'taken out'
      : isGuess
        ? `${cause.sentence.toLowerCase()} is a guess yet (${probabilityWords(cause.p)}): check first`
        : `no room for it in ${limits.minutes} minutes`;
    return [{ drill: best.drill.id, name: best.drill.name, reason }];
  });
  return first.filter((one, i) => first.findIndex((other) => other.drill === one.drill) === i);
}

/** What a coach might have expected and is not in the session, each with why. */
export function leftOutOf(
  all: readonly Candidate[],
  session: readonly Candidate[],
  likely: readonly PlannedCause[],
  limits: SessionLimits,
  wish: SessionWish,
): LeftOut[] {
  const wanted = all.filter(({ aimed }) => aimed.length > 0);
  return [...forbidden(wanted, likely, limits), ...noRoom(wanted, session, likely, limits, wish)];
}

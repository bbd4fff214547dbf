import { SIDES, type MaybeSide } from '../../foundation/sides/side';
import type { DrillRecord } from '../../records/drills/drillRecord';
import { maybeRungVerdict, type RungVerdict } from './judgeRung';
import { isLoaded, type Ladder, type Rung } from '../../knowledge/ladders/ladder';
import { placeOfRung } from '../../knowledge/ladders/ladders';

/** A try that was judged. */
interface JudgedTry {
  readonly drill: DrillRecord;
  readonly place: number;
  readonly verdict: RungVerdict;
}

/** Where one side stands on a ladder. */
export interface Standing {
  readonly side: MaybeSide;
  /** Oldest first. */
  readonly tries: readonly JudgedTry[];
  /** Place of the rung that this side has earned by itself. */
  readonly earned: number;
  /** Place of the rung it is on: lower than earned while the other side has to come after. */
  readonly place: number;
  readonly rung: Rung;
  /** It would be further up, and waits for the other side. */
  readonly waits: boolean;
}

const STEP: Readonly<Record<RungVerdict['word'], number>> = { pass: 1, stay: 0, back: -1 };

const whenOf = ({ doneOn }: DrillRecord): string => doneOn ?? '';

/** Tries of one side that were judged, oldest first. What was removed, or names an unknown rung, is none. */
function triesOf(drills: readonly DrillRecord[], ladder: Ladder, side: MaybeSide): JudgedTry[] {
  return drills
    .filter((one) => !one.removed && one.drill === ladder.drill && one.side === side)
    .filter(({ rung }) => rung !== null && placeOfRung(ladder, rung.rung) >= 0)
    .sort((a, b) => whenOf(a).localeCompare(whenOf(b)))
    .flatMap((drill) => {
      const verdict = maybeRungVerdict(ladder, drill);
      return verdict ? [{ drill, place: placeOfRung(ladder, drill.rung!.rung), verdict }] : [];
    });
}

function earnedBy({ rungs }: Ladder, tries: readonly JudgedTry[]): number {
  const last = tries.at(-1);
  if (!last) return 0;
  return Math.min(rungs.length - 1, Math.max(0, last.place + STEP[last.verdict.word]));
}

/** Where a side may go, given how far the other has come: a rung ahead without load, none ahead with it. */
function allowed(ladder: Ladder, own: number, other: number): number {
  const place = Math.min(own, other + 1);
  return isLoaded(ladder.rungs[place]) ? Math.min(place, Math.max(other, 0)) : place;
}

const NO_ONE_ELSE = Number.MAX_SAFE_INTEGER;

/**
 * Where a client stands on a ladder: each side, or the whole body. Every side climbs by its own criteria,
 * but no further than one rung ahead of the other, and onto a loaded rung only together. A side that is
 * given does not hold the other one back.
 *
 * @param given sides on which something is given: their asymmetry stays and is not scored
 */
export function standingsOf(
  drills: readonly DrillRecord[],
  ladder: Ladder,
  given: readonly MaybeSide[] = [],
): readonly Standing[] {
  const sides: readonly MaybeSide[] = ladder.sided ? SIDES : [null];
  const own = sides.map((side) => {
    const tries = triesOf(drills, ladder, side);
    return { side, tries, earned: earnedBy(ladder, tries) };
  });
  return own.map(({ side, tries, earned }) => {
    const other = own.find((one) => one.side !== side && !given.includes(one.side));
    const place = allowed(ladder, earned, other ? other.earned : NO_ONE_ELSE);
    return { side, tries, earned, place, rung: ladder.rungs[place], waits: place < earned };
  });
}

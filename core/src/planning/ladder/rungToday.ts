import type { CareFor } from '../../inference/safety/careOf';
import type { Gate } from '../../inference/safety/gate';
import { standingOf } from '../../inference/safety/standing';
import type { MaybeSide } from '../../foundation/sides/side';
import { painsOf } from '../../inference/visit/painsOf';
import type { ClientFile } from '../../records/clientFile';
import type { DrillRecord } from '../../records/drills/drillRecord';
import type { VisitRecord } from '../../records/visits/visitRecord';
import { visitPart } from '../../inference/visit/visitPart';
import { isLoaded, type Ladder, type Rung } from '../../knowledge/ladders/ladder';
import { maybeLadder, placeOfRung } from '../../knowledge/ladders/ladders';
import { givenSides, loadToday, type LoadToday } from './loadToday';
import { maybeRungAgainst } from './rungAgainst';
import { standingsOf, type Standing } from './standings';

/** The visit in which a ladder is climbed. */
export interface InVisit {
  readonly file: ClientFile;
  readonly visit: VisitRecord & { version: number };
  readonly gate: Gate;
}

/** What is climbed today. */
export interface RungToday {
  readonly standing: Standing;
  /** The other side of the body, where each climbs for itself. */
  readonly others: readonly Standing[];
  readonly rung: Rung;
  readonly place: number;
  readonly load: LoadToday;
  /** The coach would have it higher, or it was earned, and today says no. */
  readonly heldBack: boolean;
  /** What pain or a flag says against the rung that was wanted; null when nothing does. */
  readonly against: string | null;
}

/** Place of the highest rung up to this one that carries no load. */
const unloadedFrom = ({ rungs }: Ladder, place: number): number => {
  const at = rungs.slice(0, place + 1).findLastIndex((rung) => !isLoaded(rung));
  return Math.max(0, at);
};

/** Place of the rung that was last carried; −1 where none was. */
const lastTried = ({ tries }: Standing): number => tries.at(-1)?.place ?? -1;

/**
 * The rung for one side today: the one it stands on, or the one the coach chose, and without load where
 * today says no, and no higher than pain and flags let it go. Any rung may be taken back; with a little pain
 * none is gone beyond.
 *
 * @param chosen id of the rung that the coach wants; an id that is not there counts as none
 */
export function rungToday(
  ladder: Ladder,
  side: MaybeSide,
  at: InVisit,
  chosen?: string,
): RungToday {
  const all = standingsOf(at.file.drills, ladder, givenSides(at.file));
  const standing = all.find((one) => one.side === side)!;
  const others = all.filter((one) => one !== standing);
  const load = loadToday(ladder, side, at.file, at.visit, at.gate);
  const asked = chosen === undefined ? -1 : placeOfRung(ladder, chosen);
  const wanted = asked >= 0 ? asked : standing.place;
  const known = careAt(at);
  const loaded = allowedPlace(ladder, wanted, standing, load);
  const place = sparedFrom(ladder, loaded, side, known);
  const against = maybeRungAgainst(ladder, ladder.rungs[wanted], side, known);
  const heldBack = place < wanted;
  return { standing, others, rung: ladder.rungs[place], place, load, heldBack, against };
}

/** What stands about the client of a visit, and what was told to hurt in it. */
function careAt({ file, visit }: InVisit): CareFor {
  const { first, again } = visitPart(file, visit);
  return { ...standingOf(file.client), pains: painsOf([first, again]) };
}

/** Place of the highest rung up to this one that nothing speaks against; the first where all are. */
function sparedFrom(ladder: Ladder, place: number, side: MaybeSide, known: CareFor): number {
  const rungs = ladder.rungs.slice(0, place + 1);
  return Math.max(
    0,
    rungs.findLastIndex((rung) => maybeRungAgainst(ladder, rung, side, known) === null),
  );
}

function allowedPlace(ladder: Ladder, wanted: number, standing: Standing, load: LoadToday): number {
  if (!isLoaded(ladder.rungs[wanted])) return wanted;
  if (load.status === 'no') return unloadedFrom(ladder, wanted);
  if (load.more) return wanted;
  const carried = lastTried(standing);
  return carried >= 0 && wanted > carried
    ? Math.max(carried, unloadedFrom(ladder, wanted))
    : wanted;
}

/**
 * What a drill of a session is lowered to before it is begun: its rung was chosen when all said yes, and
 * by now something says no. Null where it may be done as it stands.
 */
export function maybeLowered({ drill, side, rung }: DrillRecord, at: InVisit): RungToday | null {
  const ladder = maybeLadder(drill);
  if (!ladder || !rung) return null;
  const today = rungToday(ladder, side, at, rung.rung);
  return today.heldBack ? today : null;
}

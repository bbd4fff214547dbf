import type { DrillId } from '../drills';
import { HINGE_LADDER } from './hingeLadder';
import type { Ladder, Rung } from './ladder';
import { ONE_LEG_LADDER } from './oneLegLadder';
import { SPLIT_SQUAT_LADDER } from './splitSquatLadder';
import { SQUAT_LADDER } from './squatLadder';

/** Every ladder there is. A new one is a file beside this and one line here. */
export const LADDERS: readonly Ladder[] = [
  SPLIT_SQUAT_LADDER,
  SQUAT_LADDER,
  HINGE_LADDER,
  ONE_LEG_LADDER,
];

const BY_DRILL: ReadonlyMap<string, Ladder> = new Map(
  LADDERS.map((ladder) => [ladder.drill, ladder]),
);

/** The ladder that a drill climbs; null for a drill that climbs none. */
export const maybeLadder = (drill: DrillId | string): Ladder | null => BY_DRILL.get(drill) ?? null;

/** Where a rung stands in its ladder, 0 for the easiest; −1 where there is no such rung. */
export const placeOfRung = ({ rungs }: Ladder, id: string): number =>
  rungs.findIndex((rung) => rung.id === id);

/** A rung of a ladder. @throws RangeError for an unknown id */
export function oneRung(ladder: Ladder, id: string): Rung {
  const rung = ladder.rungs[placeOfRung(ladder, id)];
  if (!rung) throw new RangeError(`${ladder.drill} has no rung ${id}`);
  return rung;
}

import type { ClientFile } from '../../records/clientFile';
import type { Ladder } from '../../knowledge/ladders/ladder';
import { LADDERS } from '../../knowledge/ladders/ladders';
import { givenSides } from './loadToday';
import { standingsOf, type Standing } from './standings';

export interface ClimbedLadder {
  readonly ladder: Ladder;
  readonly standings: readonly Standing[];
}

/** Ladders that a client has begun to climb, and where each side stands. */
export const climbedLadders = (file: ClientFile): ClimbedLadder[] =>
  LADDERS.map((ladder) => ({
    ladder,
    standings: standingsOf(file.drills, ladder, givenSides(file)),
  })).filter(({ standings }) => standings.some(({ tries }) => tries.length > 0));

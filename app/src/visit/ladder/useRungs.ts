import type { Ladder } from '@taxikine/core/knowledge/ladders/ladder';
import { maybeLadder } from '@taxikine/core/knowledge/ladders/ladders';
import { rungToday, type RungToday } from '@taxikine/core/planning/ladder/rungToday';
import { tryOf, type RungTry } from '@taxikine/core/records/drills/rungTry';
import { weightOfRung, type RungKg } from '@taxikine/core/knowledge/ladders/weightOfRung';
import type { PlannedDrill } from '@taxikine/core/planning/session/planSession';
import type { SessionWish } from '@taxikine/core/records/visits/sessionWish';
import { useMemo } from 'react';
import { useWeights } from '../../data/usePractice';
import type { OpenVisit } from '../../data/useVisit';

/** What a drill of a ladder climbs today, and with what. */
export interface ClimbedRung {
  readonly ladder: Ladder;
  readonly today: RungToday;
  /** null without a weight on the rung. */
  readonly kg: RungKg | null;
  /** As it is written into the session. */
  readonly attempt: RungTry;
}

/** Rungs of the drills of a session that climb a ladder, by the drill's key. */
export function useRungs(
  open: OpenVisit,
  drills: readonly PlannedDrill[],
  { rungs: chosen }: SessionWish,
): ReadonlyMap<string, ClimbedRung> {
  const weights = useWeights();
  return useMemo(() => {
    const at = { file: open.file, visit: open.visit.visit, gate: open.gate };
    const climbed = drills.flatMap(({ key, drill, side }): [string, ClimbedRung][] => {
      const ladder = maybeLadder(drill.id);
      if (!ladder) return [];
      const today = rungToday(ladder, side, at, chosen?.[key]);
      const { weight } = today.rung;
      const kg = weight && weightOfRung(weight, open.file.client.massKg, weights);
      const attempt = tryOf(today.rung, open.file.client.massKg, weights);
      return [[key, { ladder, today, kg, attempt }]];
    });
    return new Map(climbed);
  }, [open, drills, chosen, weights]);
}

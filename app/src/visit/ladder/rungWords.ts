import { maybeLadder, oneRung, placeOfRung } from '@taxikine/core/knowledge/ladders/ladders';
import type { DrillRecord } from '@taxikine/core/records/drills/drillRecord';
import type { TextOf } from '../../words/useText';
import { ours } from '../../words/units';

/** "Rung 3 of 9: Half of that held ahead, 4 kg"; null for a drill that climbs nothing. */
export function maybeRungWords(
  { drill, rung }: Pick<DrillRecord, 'drill' | 'rung'>,
  t: TextOf,
): string | null {
  const ladder = rung && maybeLadder(drill);
  if (!ladder) return null;
  const words = t('ladder.now', {
    place: placeOfRung(ladder, rung.rung) + 1,
    of: ladder.rungs.length,
    name: oneRung(ladder, rung.rung).name,
  });
  return rung.kg === null ? words : `${words}, ${ours(`${rung.kg} kg`)}`;
}

import { NOTHING_DONE } from '@taxikine/core/records/drills/nothingDone';
import type { DrillRecord } from '@taxikine/core/records/drills/drillRecord';
import type { DoseToday } from '@taxikine/core/planning/home/asTheyMayBe';
import type { PageDrill } from '@taxikine/core/planning/home/homePage';
import { useStore } from '../device/store';
import { playerOf, type PlayerActions } from '../visit/player/playerOf';
import { drawer, keptChanges } from './keptOnDevice';

type Played = Pick<DrillRecord, 'clock' | 'log' | 'form' | 'status' | 'pain' | 'painOn' | 'doneOn'>;

const played = drawer<Played>('played');

export const playedId = (planId: string, on: string, { key, at }: DoseToday): string =>
  `${planId} ${on} ${key} ${at}`;

/** A dose as the player takes it: a drill of a session that is kept on this device alone. */
export function asPlayed(
  id: string,
  { drill, own, side, rung }: PageDrill,
  dose: DoseToday,
): DrillRecord {
  const begun: Partial<Played> = played.maybe(id) ?? {};
  return {
    ...NOTHING_DONE,
    id,
    clientId: '',
    visitId: '',
    drill,
    own,
    side,
    targets: [],
    place: 0,
    dose: dose.dose,
    rung,
    form: dose.state === 'easier' ? 'easier' : 'usual',
    ...begun,
  };
}

/** Forgets where a dose stood, once it is told. */
export const forgetPlayed = (id: string): void => played.drop(id);

/** The same player, for a dose at home: every tap is kept on the device, so that a reload loses nothing. */
export function useHomePlayer(
  given: DrillRecord,
  onEnd: (drill: DrillRecord) => void,
): { drill: DrillRecord; player: PlayerActions } {
  useStore(keptChanges);
  const drill: DrillRecord = { ...given, ...played.maybe(given.id) };
  const player = playerOf((part) => {
    const latest: DrillRecord = { ...given, ...played.maybe(given.id) };
    const next: DrillRecord = { ...latest, ...part(latest) };
    const { clock, log, form, status, pain, painOn, doneOn } = next;
    played.put(given.id, { clock, log, form, status, pain, painOn, doneOn });
    if (status !== 'planned') onEnd(next);
  });
  return { drill, player };
}

import { USUAL_WAYS, type Ways } from '@taxikine/core/foundation/words/ways';
import { createStore } from '../device/store';

/** How the practice says things: one for all that is shown, as the language is. */
export const ways = createStore<Ways>(USUAL_WAYS);

/** Takes over what the practice has decided; of a session from before there was a choice, what is usual. */
export function takeWays({
  units = USUAL_WAYS.units,
  timeZone = USUAL_WAYS.timeZone,
  weekStart = USUAL_WAYS.weekStart,
}: Partial<Ways>): void {
  const was = ways.get();
  const isNew = units !== was.units || timeZone !== was.timeZone || weekStart !== was.weekStart;
  if (isNew) ways.set({ units, timeZone, weekStart });
}

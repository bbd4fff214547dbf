import { USUAL_SETTINGS, type PracticeSettings } from '@taxikine/core/contract/settings';
import { createStore } from '../data/store';

/** How the practice says things: one for all that is shown, as the language is. */
export type Ways = Pick<PracticeSettings, 'units' | 'timeZone' | 'weekStart'>;

const { units, timeZone, weekStart } = USUAL_SETTINGS;

export const ways = createStore<Ways>({ units, timeZone, weekStart });

/** Takes over what the practice has decided; of a session from before there was a choice, what is usual. */
export function takeWays(settings: Partial<Ways>): void {
  const was = ways.get();
  const next = {
    units: settings.units ?? units,
    timeZone: settings.timeZone ?? timeZone,
    weekStart: settings.weekStart ?? weekStart,
  };
  const isNew = (Object.keys(next) as (keyof Ways)[]).some((key) => next[key] !== was[key]);
  if (isNew) ways.set(next);
}

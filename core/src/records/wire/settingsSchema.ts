import { UNIT_SYSTEMS } from '../../foundation/words/unitSystem';
import { WEEK_STARTS } from '../../foundation/words/ways';
import { normsSchema } from '../clients/normsSchema';
import { J, oneOf } from '../schemas/joi';
import { IDLE_MINUTES } from './settings';

/** A zone that the machine knows, by its own rules of when clocks change. */
function isZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    return true;
  } catch {
    // RangeError: there is none of that name.
    return false;
  }
}

/** What an owner decides; what is left out stays as it is. */
export const settingsSchema = J.object({
  name: J.string().trim().max(120).required().label('name'),
  idleMin: J.valid(...IDLE_MINUTES, null)
    .required()
    .label('idleMin'),
  units: oneOf(UNIT_SYSTEMS).label('units'),
  timeZone: J.string()
    .max(60)
    .custom((name: string, helpers) =>
      isZone(name) ? name : helpers.message({ custom: `there is no time zone “${name}”` }),
    )
    .allow(null)
    .label('timeZone'),
  weekStart: oneOf(WEEK_STARTS).label('weekStart'),
  norms: normsSchema.label('norms'),
});

/** A sentence at least, and not a contract. */
export const wordingSchema = J.object({
  text: J.string().trim().min(20).max(4000).required().label('text'),
});

import type { ApproachId } from '../../knowledge/approaches';
import type { Dose, DrillRow, Family } from '../../knowledge/drillRow';

/** How a kind of drill is spread over a week. */
export interface Rhythm {
  readonly kind: 'many-short' | 'every-day' | 'few-long' | 'rest-days';
  /** Most sittings in one day. */
  readonly perDay: number;
  /** Days a week it is done on, of seven. */
  readonly days: number;
}

const MANY_SHORT: Rhythm = { kind: 'many-short', perDay: 3, days: 7 };
const EVERY_DAY: Rhythm = { kind: 'every-day', perDay: 1, days: 7 };
const FEW_LONG: Rhythm = { kind: 'few-long', perDay: 1, days: 5 };
const REST_DAYS: Rhythm = { kind: 'rest-days', perDay: 1, days: 3 };

/**
 * By kind of drill: a habit is changed by many short doses, length by a few long ones, strength with
 * days between, and all else a little every day. Ours, from the doses of `FAMILY_DOSES`.
 */
const RHYTHM_OF_FAMILY: Readonly<Record<Family, Rhythm>> = {
  reset: MANY_SHORT,
  joint: EVERY_DAY,
  nerve: EVERY_DAY,
  tissue: FEW_LONG,
  hold: FEW_LONG,
  active: EVERY_DAY,
  wake: MANY_SHORT,
  strengthen: REST_DAYS,
  pattern: EVERY_DAY,
  ladder: REST_DAYS,
  fit: EVERY_DAY,
};

/** A pattern that was never learned is a habit to change. */
const teachesPattern = ({ family, targets }: DrillRow): boolean =>
  family === 'pattern' &&
  targets.some(({ cause, effect }) => cause === 'pattern-unlearned' && effect !== 'small');

/** The rhythm of a drill; in one school calm holds are for every day. */
export function rhythmOf(row: DrillRow, approach: ApproachId): Rhythm {
  if (teachesPattern(row)) return MANY_SHORT;
  if (row.family === 'hold' && approach === 'time-in-position') return { ...FEW_LONG, days: 7 };
  return RHYTHM_OF_FAMILY[row.family];
}

/** Half the sets, and a lighter week for the kinds of drill that tire. */
const DELOAD_DAYS = 2;

/** The rhythm of a lighter week. */
export const lighter = (rhythm: Rhythm): Rhythm =>
  rhythm.kind === 'rest-days' ? { ...rhythm, days: DELOAD_DAYS } : rhythm;

/** One sitting: of many in a day each is one set; in a lighter week strength is half the sets. */
export function sittingOf(dose: Dose, { kind }: Rhythm, deload: boolean): Dose {
  if (kind === 'many-short') return { ...dose, sets: 1 };
  return deload && kind === 'rest-days' ? { ...dose, sets: Math.ceil(dose.sets / 2) } : dose;
}

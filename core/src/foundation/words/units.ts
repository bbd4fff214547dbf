export type Unit = 'deg' | 'mm' | 's' | 'reps' | '%';

const AFTER: Record<Unit, string> = { deg: '°', mm: ' mm', s: ' s', reps: ' reps', '%': ' %' };

/** What stands after a number that is stepped. */
export const unitSign = (unit: Unit): string => AFTER[unit].trim();

/** A number with its unit, rounded to what an eye or a goniometer can tell. */
export const withUnit = (value: number, unit: Unit): string =>
  `${Number.isInteger(value) ? value : value.toFixed(1)}${AFTER[unit]}`;

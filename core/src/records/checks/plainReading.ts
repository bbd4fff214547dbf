import { withUnit, type Unit } from '../../foundation/words/units';
import { HELD_WORDS, heldBack } from '../../knowledge/roll';
import type { CheckRecord } from './checkRecord';

/** The plain measure as it was read: moved by the coach, or by the client where that was not taken. */
export const valueOf = (one: CheckRecord): number | null => one.passive ?? one.active;

/** The same as norms have it: with the roll of a pelvis that was held. */
export function maybeScaled(one: CheckRecord): number | null {
  const value = valueOf(one);
  return value === null ? null : value + heldBack(one);
}

/** How many readings it is the mean of. */
export const timesOf = ({ passive, repeats }: CheckRecord): number =>
  (passive === null ? repeats.active : repeats.passive)?.length ?? 1;

/** In words, with its unit: "118°", "105°, pelvis held". */
export const readWords = (value: number, unit: Unit, { held }: CheckRecord): string =>
  held ? `${withUnit(value, unit)}, ${HELD_WORDS}` : withUnit(value, unit);

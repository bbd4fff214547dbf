import type { Dose, DrillRow } from '../knowledge/drillRow';

const SECONDS_PER_BREATH = 6;
const REST_BETWEEN_SETS = 15;

/** Working seconds of one set on one side. */
export function setSeconds(dose: Dose): number {
  if (dose.by === 'hold') return dose.seconds;
  if (dose.by === 'breaths') return dose.breaths * SECONDS_PER_BREATH;
  return dose.reps * dose.secondsEach;
}

/** Seconds a drill takes with its rests; `sides` is 1 for one side or the whole body. */
export const drillSeconds = ({ dose }: Pick<DrillRow, 'dose'>, sides: 1 | 2): number =>
  dose.sets * setSeconds(dose) * sides + (dose.sets * sides - 1) * REST_BETWEEN_SETS;

/** "2 × 12, 4 s each" */
export function doseWords(dose: Dose): string {
  if (dose.by === 'hold') return `${dose.sets} × ${dose.seconds} s`;
  if (dose.by === 'breaths') return `${dose.sets} × ${dose.breaths} breaths`;
  return `${dose.sets} × ${dose.reps} slow`;
}

export { REST_BETWEEN_SETS };

import type { Dose } from './drillRow';

const SECONDS_PER_BREATH = 6;
export const REST_BETWEEN_SETS = 15;

/** Working seconds of one set on one side. */
export function setSeconds(dose: Dose): number {
  if (dose.by === 'hold') return dose.seconds;
  if (dose.by === 'breaths') return dose.breaths * SECONDS_PER_BREATH;
  return dose.reps * dose.secondsEach;
}

/** Minutes a dose takes on one side, with the rests between its sets and none after the last. */
export const doseMinutes = (dose: Dose): number =>
  (dose.sets * setSeconds(dose) + (dose.sets - 1) * REST_BETWEEN_SETS) / 60;

/** "2 × 12 slow", "2 × 45 s" */
export function doseWords(dose: Dose): string {
  if (dose.by === 'hold') return `${dose.sets} × ${dose.seconds} s`;
  if (dose.by === 'breaths') return `${dose.sets} × ${dose.breaths} breaths`;
  return `${dose.sets} × ${dose.reps} slow`;
}

/** The same dose in fewer sets, so that it fits; null when not even one set does. */
export function maybeFitted(dose: Dose, minutes: number): Dose | null {
  for (let sets = dose.sets; sets >= 1; sets--)
    if (doseMinutes({ ...dose, sets }) <= minutes) return { ...dose, sets };
  return null;
}

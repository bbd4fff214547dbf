import type { Dose, Family } from './drillRow';

/** Least and most of what is counted in one kind of drill. */
export interface FamilyDose {
  readonly sets: readonly [least: number, most: number];
  /** Of one set. */
  readonly reps?: readonly [least: number, most: number];
  readonly seconds?: readonly [least: number, most: number];
  readonly breaths?: readonly [least: number, most: number];
  /** When it is done, in a few words for the coach. */
  readonly when: string;
  readonly note: string;
}

/** How much of each kind of drill is usual; every row of the library and every school stays within. */
export const FAMILY_DOSES: Readonly<Record<Family, FamilyDose>> = {
  reset: {
    sets: [2, 3],
    breaths: [5, 5],
    when: 'first',
    note: 'Before anything else: what follows is done in that shape.',
  },
  joint: {
    sets: [1, 3],
    reps: [10, 15],
    when: 'before',
    note: 'Pumped, not held.',
  },
  nerve: {
    sets: [1, 3],
    reps: [8, 12],
    when: 'before',
    note: 'Small, free of any symptom, never held.',
  },
  tissue: {
    sets: [1, 4],
    seconds: [30, 60],
    when: 'before',
    note: 'A place at a time; not on bone, bruises, veins, broken or numb skin.',
  },
  hold: {
    sets: [1, 3],
    seconds: [30, 120],
    when: 'after training, or in the evening',
    note: 'Takes the edge off force for about half an hour.',
  },
  active: {
    sets: [1, 3],
    reps: [5, 10],
    when: 'before, or any time',
    note: 'The end of the range by own strength, without cheating.',
  },
  wake: {
    sets: [1, 3],
    reps: [6, 8],
    when: 'right before the pattern',
    note: 'Short: it wakes and does not tire.',
  },
  strengthen: {
    sets: [2, 4],
    reps: [5, 15],
    when: 'two or three days a week',
    note: 'Not the same part on two days running.',
  },
  pattern: {
    sets: [1, 5],
    reps: [3, 10],
    seconds: [30, 60],
    when: 'last, always',
    note: 'What was won is only kept in the pattern.',
  },
  ladder: {
    sets: [2, 3],
    reps: [5, 8],
    when: 'as the main work',
    note: 'A rung is passed by its criteria, not by a date.',
  },
  fit: {
    sets: [1, 3],
    reps: [3, 8],
    when: 'now',
    note: 'The set-up changes, not the body.',
  },
};

const within = (value: number, [least, most]: readonly [number, number]): number =>
  Math.min(most, Math.max(least, value));

/** The dose brought within what is usual for its kind of drill. */
export function usualDose(family: Family, dose: Dose): Dose {
  const usual = FAMILY_DOSES[family];
  const sets = within(dose.sets, usual.sets);
  if (dose.by === 'hold' && usual.seconds)
    return { ...dose, sets, seconds: within(dose.seconds, usual.seconds) };
  if (dose.by === 'breaths' && usual.breaths)
    return { ...dose, sets, breaths: within(dose.breaths, usual.breaths) };
  if (dose.by === 'reps' && usual.reps)
    return { ...dose, sets, reps: within(dose.reps, usual.reps) };
  return { ...dose, sets };
}

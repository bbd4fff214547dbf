/** What loads one side every day; asked once, when a client is met. */
export interface HabitRow {
  readonly id: string;
  readonly words: string;
}

export const HABITS = [
  { id: 'stands-on-one-leg', words: 'Stands on one leg' },
  { id: 'carries-on-one-side', words: 'Carries on one side' },
  { id: 'kneels-on-one-knee', words: 'Kneels on one knee' },
  { id: 'works-one-sided', words: 'Works or plays one-sided' },
  { id: 'sleeps-on-one-side', words: 'Sleeps on one side' },
] as const satisfies readonly HabitRow[];

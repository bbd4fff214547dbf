/** What a clinician may leave out of a clearance, the widest first. Ours. */
export const NOT_YET = [
  { id: 'loading', name: 'any loading', words: 'any loading' },
  { id: 'weight', name: 'weights', words: 'weights' },
  { id: 'end', name: 'end of the range', words: 'the end of the range' },
  { id: 'one-leg', name: 'standing on one leg', words: 'standing on one leg' },
  { id: 'kneeling', name: 'kneeling', words: 'kneeling' },
] as const;

export type NotYetId = (typeof NOT_YET)[number]['id'];

/** The row of one; every id has one. */
export const oneNotYet = (id: NotYetId): (typeof NOT_YET)[number] =>
  NOT_YET.find((row) => row.id === id)!;

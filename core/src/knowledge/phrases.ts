/** Notes that coaches make again and again while they watch: one tap each, nothing to type. */
export interface PhraseRow {
  readonly id: string;
  readonly words: string;
}

export const PHRASES = [
  { id: 'holds-breath', words: 'Holds the breath' },
  { id: 'looks-down', words: 'Looks down' },
  { id: 'speeds-up', words: 'Gets faster' },
  { id: 'slows-down', words: 'Slows toward the bottom' },
  { id: 'afraid-of-depth', words: 'Does not trust the depth' },
  { id: 'steps-out', words: 'Lost balance, had to step' },
  { id: 'feet-shift', words: 'Feet moved between repetitions' },
  { id: 'better-later', words: 'Better with each repetition' },
  { id: 'worse-later', words: 'Worse with each repetition' },
  { id: 'one-off', words: 'Only in one repetition' },
  { id: 'shakes', words: 'Legs shake' },
  { id: 'grips-toes', words: 'Grips with the toes' },
  { id: 'tired', words: 'Came tired' },
  { id: 'after-long-sitting', words: 'Straight from long sitting' },
] as const satisfies readonly PhraseRow[];

export type PhraseId = (typeof PHRASES)[number]['id'];

const byId = new Map<string, PhraseRow>(PHRASES.map((row) => [row.id, row]));

/** The row of a phrase. Throws on an id that is not in the table. */
export function onePhrase(id: string): PhraseRow {
  const row = byId.get(id);
  if (!row) throw new RangeError(`unknown phrase ${id}`);
  return row;
}

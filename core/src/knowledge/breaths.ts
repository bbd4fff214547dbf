/** How one breathes in a drill; said in the player. */
export const BREATHS = [
  { id: 'slow-out', words: 'In through the nose, out twice as long' },
  { id: 'out-to-end', words: 'Out on the way into the end, in on the way back' },
  { id: 'out-on-effort', words: 'Out on the effort, in on the way back' },
  { id: 'in-then-up', words: 'In and steady at the top, out on the way up' },
  { id: 'easy', words: 'Easy all the while, never held' },
] as const;

export type BreathId = (typeof BREATHS)[number]['id'];

/** What is said of a way to breathe. */
export const breathWords = (id: BreathId): string => BREATHS.find((one) => one.id === id)!.words;

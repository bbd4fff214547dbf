/** Whole seconds as a clock shows them: "1:05". */
export const clockWords = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;

/** From here on a cause is more likely than not. */
const SURE_ENOUGH = 0.5;

/** Whether there are suspects, and none that is more likely than not. */
export const isGuesswork = (likely: readonly number[]): boolean =>
  likely.length > 0 && likely.every((p) => p < SURE_ENOUGH);

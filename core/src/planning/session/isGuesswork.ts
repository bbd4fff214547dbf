import type { PlannedCause } from './candidates';

/** From here on a cause is more likely than not. */
const SURE_ENOUGH = 0.5;

/** Whether there are suspects, and none that is more likely than not; what is given is no suspect. */
export function isGuesswork(likely: readonly Pick<PlannedCause, 'kind' | 'p'>[]): boolean {
  const suspects = likely.filter(({ kind }) => kind !== 'given');
  return suspects.length > 0 && suspects.every(({ p }) => p < SURE_ENOUGH);
}

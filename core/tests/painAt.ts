import type { Pain } from '../src';

/** An ache of six in the right knee at the bottom, or what is said of it instead. */
export const painAt = (part: Partial<Pain> = {}): Pain => ({
  region: 'knee',
  side: 'right',
  phase: 'bottom',
  score: 6,
  kind: 'ache',
  ...part,
});

import type { Setup } from '@taxikine/core/body/stance/setup';

/** Both legs is how a set-up is without the word: it is not kept as one. */
export function withPart(setup: Setup, part: Partial<Setup>): Setup {
  const { oneLeg, ...rest } = { ...setup, ...part };
  return oneLeg ? { ...rest, oneLeg } : rest;
}

import { oneCheck, oneProbe, type NextCheck } from '@taxikine/core';
import type { TextOf } from '../words/useText';

/** "Ankle bend, knee bent, left" or "Heels up". */
export const nextName = (next: NextCheck, t: TextOf): string => {
  const name = 'check' in next ? oneCheck(next.check).name : oneProbe(next.probe).name;
  return next.side ? `${name}, ${t(next.side)}` : name;
};

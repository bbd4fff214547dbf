import { oneCheck } from '@taxikine/core/knowledge/checks';
import { oneProbe } from '@taxikine/core/knowledge/probes';
import type { NextCheck } from '@taxikine/core/planning/asking/nextChecks';
import type { TextOf } from '../../words/useText';

/** "Ankle bend, knee bent, left" or "Heels up". */
export const nextName = (next: NextCheck, t: TextOf): string => {
  const name = 'check' in next ? oneCheck(next.check).name : oneProbe(next.probe).name;
  return next.side ? `${name}, ${t(next.side)}` : name;
};

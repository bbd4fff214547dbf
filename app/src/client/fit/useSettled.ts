import type { PostureQuestion } from '@taxikine/core/body/solver/ask';
import { useState } from 'react';
import type { Answered } from '../../solver/usePosture';

/** A question with how deep this body goes in it; null while nobody can stand so. */
export interface Settled {
  readonly question: PostureQuestion;
  readonly reachDeg: number | null;
}

/**
 * What was asked when the hand last rested and the depth that answers it. They come at different times; until both
 * are there the last two that belong together stay, so that nothing is worked out from the depth of another question.
 */
export function useSettled(rested: PostureQuestion, lowest: Answered | null): Settled {
  const [settled, setSettled] = useState<Settled>({ question: rested, reachDeg: null });
  if (lowest?.question !== rested) return settled;
  const reachDeg = lowest.status === 'found' ? lowest.depthDeg : null;
  if (settled.question === rested && settled.reachDeg === reachDeg) return settled;
  const next = { question: rested, reachDeg };
  setSettled(next);
  return next;
}

import { isStaggered, type Pattern } from '../stance/patterns';
import { USUAL_SETUP, type Setup } from '../stance/setup';
import { usualStepM } from './stance';

const FEET_FORWARD = { left: 0, right: 0 } as const;

/** How a pattern is usually stood in: a first look, until the coach changes it, and what a depth is held against. */
export function usualSetup(pattern: Pattern, heightM: number): Setup {
  if (pattern === 'squat') return USUAL_SETUP;
  if (!isStaggered(pattern))
    return { ...USUAL_SETUP, stanceCm: 26, toeOutDeg: FEET_FORWARD, arms: 'sides' };
  return {
    ...USUAL_SETUP,
    stanceCm: 18,
    toeOutDeg: FEET_FORWARD,
    arms: 'sides',
    front: 'left',
    stepCm: Math.round(100 * usualStepM(pattern, heightM)),
  };
}

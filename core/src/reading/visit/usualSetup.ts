import { isStaggered, type Pattern } from '../../body/stance/patterns';
import { USUAL_SETUP, type Setup } from '../../body/stance/setup';
import { usualStepM } from '../../body/solver/stance';

const FEET_FORWARD = { left: 0, right: 0 } as const;

/** How a first look at a pattern is set up until the coach changes it. */
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

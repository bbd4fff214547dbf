import { isStaggered, type Pattern } from '../stance/patterns';
import type { Setup } from '../stance/setup';
import { radOfDeg } from '../../foundation/numeric/angle';
import { otherSide, type Side } from '../../foundation/sides/side';

/** How the body stands and what it holds: a set-up in metres, radians and kilograms. */
export interface Stance {
  readonly pattern: Pattern;
  readonly widthM: number;
  readonly toeOutRad: Readonly<Record<Side, number>>;
  /** The shin's plane beyond the toes: how far a cue takes the knees outward. */
  readonly kneeCueRad: Readonly<Record<Side, number>>;
  readonly heelLiftM: number;
  readonly frontFootLiftM: number;
  /** Which foot is behind in a lunge or split, and how far its ankle is behind the other. */
  readonly rear: Side | null;
  readonly stepM: number;
  readonly arms: Setup['arms'];
  /** A hand on a post takes the balance away as a condition. */
  readonly post: boolean;
  readonly load: Setup['load'];
}

/**
 * Ankle to ankle in a step whose length was not given, as a share of height: a lunge ends with the
 * front shin about upright, a split squat with the front knee well over the toes. Ours.
 */
const STEP_TO_HEIGHT = { lunge: 0.42, split: 0.33 } as const;

/** A usual step of a pattern, in metres; 0 where the feet are side by side. */
export const usualStepM = (pattern: Pattern, heightM: number): number =>
  isStaggered(pattern) ? STEP_TO_HEIGHT[pattern] * heightM : 0;

/** What the solver needs of a set-up; fields that a pattern does not have are left as they are. */
export type StanceSetup = Pick<
  Setup,
  'stanceCm' | 'toeOutDeg' | 'heelLiftMm' | 'frontFootLiftMm' | 'arms' | 'hands' | 'load'
> & {
  readonly front?: Side;
  readonly stepCm?: number;
  readonly kneeCueDeg?: { readonly left: number; readonly right: number };
};

/** The stance of a set-up in SI units. */
export function stanceOf(pattern: Pattern, setup: StanceSetup, heightM: number): Stance {
  const cue = setup.kneeCueDeg ?? { left: 0, right: 0 };
  return {
    pattern,
    widthM: setup.stanceCm / 100,
    toeOutRad: { left: radOfDeg(setup.toeOutDeg.left), right: radOfDeg(setup.toeOutDeg.right) },
    kneeCueRad: { left: radOfDeg(cue.left), right: radOfDeg(cue.right) },
    heelLiftM: setup.heelLiftMm / 1000,
    frontFootLiftM: (setup.frontFootLiftMm ?? 0) / 1000,
    rear: isStaggered(pattern) ? otherSide(setup.front ?? 'left') : null,
    stepM: setup.stepCm === undefined ? usualStepM(pattern, heightM) : setup.stepCm / 100,
    arms: setup.arms,
    post: setup.hands === 'post',
    load: setup.load,
  };
}

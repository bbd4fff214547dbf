import { isStaggered, type Pattern } from '../stance/patterns';
import { ONE_HEEL_MM, type Setup } from '../stance/setup';
import { radOfDeg } from '../../foundation/numeric/angle';
import { otherSide, type Side } from '../../foundation/sides/side';

/** How the body stands and what it holds: a set-up in metres, radians and kilograms. */
export interface Stance {
  readonly pattern: Pattern;
  readonly widthM: number;
  readonly toeOutRad: Readonly<Record<Side, number>>;
  /** The shin's plane beyond the toes: how far a cue takes the knees outward. */
  readonly kneeCueRad: Readonly<Record<Side, number>>;
  /** How high each heel stands on a wedge. */
  readonly heelLiftM: Readonly<Record<Side, number>>;
  readonly frontFootLiftM: number;
  /** Which foot is behind in a lunge or split, and how far its ankle is behind the other. */
  readonly rear: Side | null;
  readonly stepM: number;
  /** The leg that alone is stood on, in a squat or hinge on one leg. */
  readonly oneLeg: Side | null;
  readonly arms: Setup['arms'];
  /** A hand holds a post. */
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

/** Both feet bear the body side by side: what is even or uneven there, a step or one leg has not. */
export const isSideBySide = ({ rear, oneLeg }: Pick<Stance, 'rear' | 'oneLeg'>): boolean =>
  rear === null && oneLeg === null;

/** The leg that hangs in the air; null where both stand. */
export const hangingSide = ({ oneLeg }: Pick<Stance, 'oneLeg'>): Side | null =>
  oneLeg && otherSide(oneLeg);

/** What the solver needs of a set-up; fields that a pattern does not have are left as they are. */
export type StanceSetup = Pick<
  Setup,
  | 'stanceCm'
  | 'toeOutDeg'
  | 'heelLiftMm'
  | 'frontFootLiftMm'
  | 'arms'
  | 'hands'
  | 'load'
  | 'oneLeg'
  | 'oneHeelUp'
> & {
  readonly front?: Side;
  readonly stepCm?: number;
  readonly kneeCueDeg?: { readonly left: number; readonly right: number };
};

/** A wedge under both heels and one under this heel alone lie on each other. */
const heelLiftM = ({ heelLiftMm, oneHeelUp }: StanceSetup, side: Side): number =>
  (heelLiftMm + (oneHeelUp === side ? ONE_HEEL_MM : 0)) / 1000;

/** The stance of a set-up in SI units. */
export function stanceOf(pattern: Pattern, setup: StanceSetup, heightM: number): Stance {
  const oneLeg = isStaggered(pattern) ? null : (setup.oneLeg ?? null);
  const cue = setup.kneeCueDeg ?? { left: 0, right: 0 };
  return {
    pattern,
    // A foot that stands alone is what the sides are told from.
    widthM: oneLeg ? 0 : setup.stanceCm / 100,
    toeOutRad: { left: radOfDeg(setup.toeOutDeg.left), right: radOfDeg(setup.toeOutDeg.right) },
    kneeCueRad: { left: radOfDeg(cue.left), right: radOfDeg(cue.right) },
    heelLiftM: { left: heelLiftM(setup, 'left'), right: heelLiftM(setup, 'right') },
    frontFootLiftM: (setup.frontFootLiftMm ?? 0) / 1000,
    rear: isStaggered(pattern) ? otherSide(setup.front ?? 'left') : null,
    oneLeg,
    stepM: setup.stepCm === undefined ? usualStepM(pattern, heightM) : setup.stepCm / 100,
    arms: setup.arms,
    post: setup.hands === 'post',
    load: setup.load,
  };
}

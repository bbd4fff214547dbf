import { isStaggered, type Pattern } from '../stance/patterns';
import { usualStepM, type StanceSetup } from './stance';

/** A set-up to try, and how far it is from the present one. */
export interface Candidate {
  readonly setup: StanceSetup;
  /** In steps of the levers; see each. */
  readonly change: number;
}

/** One thing a coach changes in seconds: by how much, and what the set-up is then. */
interface Lever {
  /** In the lever's own unit; 0 leaves it alone. */
  readonly by: readonly number[];
  /** So much counts as one step of change. */
  readonly step: number;
  /** The changed set-up; null where it would be beyond what anyone stands in. */
  readonly pull: (setup: StanceSetup, by: number) => StanceSetup | null;
}

const WIDEST_CM = 80;
const MOST_TOE_OUT = 35;
const MOST_HEEL_MM = 40;
const MOST_FRONT_LIFT_MM = 300;
const SHORTEST_STEP_CM = 30;
const LONGEST_STEP_CM = 110;

const wider: Lever = {
  by: [0, 8, 16, 24, 32],
  step: 4,
  pull: (setup, cm) => {
    const stanceCm = setup.stanceCm + cm;
    return stanceCm > WIDEST_CM ? null : { ...setup, stanceCm };
  },
};

const toesOut: Lever = {
  by: [0, 10, 20],
  step: 5,
  pull: (setup, deg) => {
    const toeOutDeg = { left: setup.toeOutDeg.left + deg, right: setup.toeOutDeg.right + deg };
    const most = Math.max(toeOutDeg.left, toeOutDeg.right);
    return most > MOST_TOE_OUT ? null : { ...setup, toeOutDeg };
  },
};

const heelUp: Lever = {
  by: [0, 10, 20, 30],
  step: 5,
  pull: (setup, mm) => {
    const heelLiftMm = setup.heelLiftMm + mm;
    return heelLiftMm > MOST_HEEL_MM ? null : { ...setup, heelLiftMm };
  },
};

/** A light weight ahead, for hands that are free and hold nothing yet. */
const heldAhead: Lever = {
  by: [0, 2.5, 5],
  step: 2.5,
  pull: (setup, kg) =>
    setup.load.kg > 0 || setup.hands === 'post'
      ? null
      : { ...setup, arms: 'forward', load: { at: 'ahead', kg } },
};

const stepBy = (pattern: Pattern, heightM: number): Lever => ({
  by: [0, -12, -6, 6, 12, 18],
  step: 6,
  pull: (setup, cm) => {
    const stepCm = (setup.stepCm ?? Math.round(100 * usualStepM(pattern, heightM))) + cm;
    return stepCm < SHORTEST_STEP_CM || stepCm > LONGEST_STEP_CM ? null : { ...setup, stepCm };
  },
});

const frontFootUp: Lever = {
  by: [0, 50, 100, 150, 200],
  step: 50,
  pull: (setup, mm) => {
    const frontFootLiftMm = (setup.frontFootLiftMm ?? 0) + mm;
    return frontFootLiftMm > MOST_FRONT_LIFT_MM ? null : { ...setup, frontFootLiftMm };
  },
};

/** What a coach can change in a pattern. A hinge with a weight ahead is another exercise; one foot has no width. */
function leversOf(pattern: Pattern, heightM: number, { oneLeg }: StanceSetup): readonly Lever[] {
  if (isStaggered(pattern)) return [stepBy(pattern, heightM), frontFootUp, heelUp];
  const stance = oneLeg ? [toesOut] : [wider, toesOut];
  return pattern === 'hinge' ? [...stance, heelUp] : [...stance, heelUp, heldAhead];
}

function pulled(candidates: readonly Candidate[], { by, step, pull }: Lever): Candidate[] {
  return candidates.flatMap(({ setup, change }) =>
    by.flatMap((amount) => {
      // Left alone, a set-up stays as it is, also one that is beyond the usual already.
      const next = amount === 0 ? setup : pull(setup, amount);
      return next ? [{ setup: next, change: change + Math.abs(amount) / step }] : [];
    }),
  );
}

/** All set-ups worth trying from the present one; the first is that one itself. */
export const candidatesFrom = (
  pattern: Pattern,
  heightM: number,
  setup: StanceSetup,
): readonly Candidate[] =>
  leversOf(pattern, heightM, setup).reduce<Candidate[]>(pulled, [{ setup, change: 0 }]);

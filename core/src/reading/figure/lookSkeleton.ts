import type { Body } from '../../body/segments/body';
import type { Pattern, Phase } from '../../body/stance/patterns';
import { ONE_LEG_DEPTH_DEG } from '../../body/stance/oneLegDepth';
import type { Setup } from '../../body/stance/setup';
import { askSettle, problemFrom } from '../../body/solver/ask';
import { asItLikes } from '../../inference/depth/usualRanges';
import type { SeenFault } from '../../records/case/caseFile';
import { observedAim } from './observedAim';
import { poseSkeleton } from '../../body/skeleton/poseSkeleton';
import { onePose } from '../../body/skeleton/poses';
import type { Skeleton } from '../../body/skeleton/skeleton';
import { skeletonOf } from '../../body/skeleton/skeletonOf';
import { squatPosture, type SquatAim } from '../../body/skeleton/squatPosture';

/** A moment of a repetition, with what was seen in it. */
export interface SeenMoment {
  readonly pattern: Pattern;
  readonly phase: Phase;
  readonly faults: readonly SeenFault[];
}

/** Standing to begin a hinge; feet close together leave the legs a little short of straight. */
const SOFT_KNEES: SquatAim = { thighDeg: 83, shinLeanDeg: 5 };

type Depth = { readonly thighDeg: number } | { readonly trunkLeanDeg: number };

const lean = (...degrees: number[]): Depth[] => degrees.map((trunkLeanDeg) => ({ trunkLeanDeg }));
const thigh = (...degrees: number[]): Depth[] => degrees.map((thighDeg) => ({ thighDeg }));

/** Where a usual body is at each phase; the next of a list where it cannot be at the one before. */
const DEPTHS: Readonly<Record<Exclude<Pattern, 'squat'>, Readonly<Record<Phase, Depth[]>>>> = {
  hinge: {
    start: [],
    down: lean(34, 25),
    bottom: lean(64, 55, 45),
    up: lean(34, 25),
    finish: [],
  },
  lunge: {
    start: thigh(62, 56, 50),
    down: thigh(36, 40),
    bottom: thigh(4, 10, 16),
    up: thigh(36, 40),
    finish: thigh(62, 56, 50),
  },
  split: {
    start: thigh(66, 60, 54),
    down: thigh(34, 38),
    bottom: thigh(0, 6, 12),
    up: thigh(34, 38),
    finish: thigh(66, 60, 54),
  },
};

/** Upright on one leg, the other is already off the floor behind. */
const UPRIGHT_ON_ONE_LEG = lean(6, 12, 20);

/** Drawn deeper or shallower when a number was read. */
function depthsOf({ pattern, phase, faults }: SeenMoment, { oneLeg }: Setup): Depth[] {
  if (pattern === 'squat') return [];
  if (oneLeg && (phase === 'start' || phase === 'finish')) return UPRIGHT_ON_ONE_LEG;
  const usual = DEPTHS[pattern][phase];
  const short = faults.find((fault) => fault.fault === 'depth-short' && fault.phase === phase);
  if (short?.value === undefined || pattern === 'hinge') return usual;
  return [{ thighDeg: short.value }, ...usual];
}

/** On one leg nobody goes far down unless a number was read. */
function squatAim({ phase, faults }: SeenMoment, { oneLeg }: Setup): SquatAim {
  const aim = observedAim(phase, faults);
  return oneLeg ? { ...aim, thighDeg: Math.max(aim.thighDeg, ONE_LEG_DEPTH_DEG) } : aim;
}

/**
 * The body at one moment of a pattern as a coach sees it: a squat with the seen faults drawn into it,
 * the others where a usual body of these lengths would stand in this set-up.
 */
export function lookSkeleton(body: Body, setup: Setup, moment: SeenMoment): Skeleton {
  const { pattern, phase } = moment;
  if (pattern === 'squat') return skeletonOf(squatPosture(body, setup, squatAim(moment, setup)));
  const limits = asItLikes({}, pattern);
  const question = { pattern, body, setup, limits };
  for (const depth of depthsOf(moment, setup)) {
    const answer = askSettle(question, depth);
    if (answer.status === 'found')
      return skeletonOf({ problem: problemFrom(question), state: answer.state });
  }
  const upright = phase === 'start' || phase === 'finish';
  return upright && pattern === 'hinge'
    ? skeletonOf(squatPosture(body, setup, SOFT_KNEES))
    : poseSkeleton(body, onePose(upright ? 'standing' : pattern));
}

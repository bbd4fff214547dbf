import type { Body } from '../segments/body';
import type { Pattern } from '../stance/patterns';
import { degOfRad, radOfDeg } from '../../foundation/numeric/angle';
import { deepest } from './deepest';
import type { Capacities } from './capacities';
import type { Limits } from './limits';
import { SIDES } from '../../foundation/sides/side';
import { momentsOf } from './moments';
import { problemOf, type PostureProblem } from './problem';
import { candidatesFrom } from './levers';
import { settle, type DepthAim } from './settle';
import { stanceOf, type StanceSetup } from './stance';
import { stanceProblems } from './stanceProblems';
import type { PostureState } from './state';
import { LEAN } from './variables';

/** What a set-up can be fitted for. */
export const FIT_AIMS = ['depth', 'upright', 'knees', 'hips'] as const;
export type FitFor = (typeof FIT_AIMS)[number];

/** In a hinge the trunk's lean is the depth itself, and the knees do next to nothing. */
export const fitAimsOf = (pattern: Pattern): readonly FitFor[] =>
  pattern === 'hinge' ? ['depth', 'hips'] : FIT_AIMS;

/** What to fit for, and how deep: the depth to reach, or the one at which the rest is compared. */
export type FitAim = { readonly for: FitFor } & (
  | { readonly thighDeg: number }
  /** In a hinge. */
  | { readonly trunkLeanDeg: number }
);

export interface FitInput {
  readonly pattern: Pattern;
  readonly body: Body;
  readonly setup: StanceSetup;
  readonly limits: Limits;
  readonly capacities: Capacities;
}

/** One set-up: how much is changed, what it gives for the aim, and how deep it goes. */
export interface Fitted {
  readonly setup: StanceSetup;
  /** In steps of the levers: see `levers`. */
  readonly change: number;
  /** Less is better: depth in the pattern's own measure or trunk lean, in degrees, or a moment, Nm. */
  readonly value: number;
  readonly reachesDeg: number;
}

export interface Fit {
  readonly now: Fitted;
  readonly best: Fitted;
  /** What each further change buys: no set-up is both nearer to the present one and better. */
  readonly tradeOff: readonly Fitted[];
  readonly tried: number;
}

const most = (problem: PostureProblem, state: PostureState, joint: 'hip' | 'knee'): number =>
  Math.max(...SIDES.map((side) => Math.abs(momentsOf(problem, state, side)[joint])));

const depthOf = (aim: FitAim): DepthAim =>
  'thighDeg' in aim
    ? { thighRad: radOfDeg(aim.thighDeg) }
    : { leanRad: radOfDeg(aim.trunkLeanDeg) };

/** The depth to reach in the pattern's own measure. */
const wantedDeg = (aim: FitAim): number => ('thighDeg' in aim ? aim.thighDeg : -aim.trunkLeanDeg);

/** What a set-up gives for an aim; null where this body cannot stand so or not get so deep. */
function valueOf(input: FitInput, setup: StanceSetup, aim: FitAim): Omit<Fitted, 'change'> | null {
  const { body, limits, capacities, pattern } = input;
  // Deep in it, a stance can hold that nobody could get into.
  if (stanceProblems(body, pattern, setup).length > 0) return null;
  const problem = problemOf(body, stanceOf(pattern, setup, body.heightM), limits, capacities);
  const low = deepest(problem);
  if (low.status !== 'reached') return null;
  const reachesDeg = degOfRad(low.depthRad);
  if (aim.for === 'depth') return { setup, value: reachesDeg, reachesDeg };
  const settled = settle(problem, depthOf(aim));
  if (settled.status !== 'settled') return null;
  const { state } = settled;
  const value =
    aim.for === 'upright'
      ? degOfRad(state.q[LEAN])
      : most(problem, state, aim.for === 'knees' ? 'knee' : 'hip');
  return { setup, value, reachesDeg };
}

/** Better by less than this is not worth changing anything for: degrees or newton metres. */
const WORTH = 0.5;

/** The frontier of change against value: each point changes more than the last and gives more. */
function frontier(all: readonly Fitted[]): Fitted[] {
  const sorted = [...all].sort((a, b) => a.change - b.change || a.value - b.value);
  const kept: Fitted[] = [];
  for (const one of sorted)
    if (kept.length === 0 || one.value < kept[kept.length - 1].value - WORTH) kept.push(one);
  return kept;
}

/** Reaching a depth: the least change that gets there; otherwise the most that is gained. */
function bestOf(tradeOff: readonly Fitted[], aim: FitAim): Fitted {
  const last = tradeOff[tradeOff.length - 1];
  if (aim.for !== 'depth') return last;
  return tradeOff.find(({ value }) => value <= wantedDeg(aim) + 0.05) ?? last;
}

export type FitAnswer =
  | { readonly status: 'fitted'; readonly fit: Fit }
  /** No set-up lets this body do what is asked. */
  | { readonly status: 'none'; readonly tried: number };

/**
 * The best set-up for an aim (stance, toe-out, heel lift and counterweight; in a step its length and the
 * front foot's height), with what each step of change buys.
 *
 * @param onTried called after each set-up; returning false stops the search
 */
export function fit(
  input: FitInput,
  aim: FitAim,
  onTried: (done: number, all: number) => boolean | void = () => {},
): FitAnswer {
  const all = candidatesFrom(input.pattern, input.body.heightM, input.setup);
  const found: Fitted[] = [];
  for (const [i, { setup, change }] of all.entries()) {
    const one = valueOf(input, setup, aim);
    if (one) found.push({ ...one, change });
    if (onTried(i + 1, all.length) === false) break;
  }
  const tradeOff = frontier(found);
  if (tradeOff.length === 0) return { status: 'none', tried: all.length };
  const now = found.find(({ change }) => change === 0) ?? tradeOff[0];
  return {
    status: 'fitted',
    fit: { now, best: bestOf(tradeOff, aim), tradeOff, tried: found.length },
  };
}

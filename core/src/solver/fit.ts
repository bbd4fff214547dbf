import type { Body } from '../body/body';
import type { Pattern } from '../knowledge/patterns';
import { degOfRad, radOfDeg } from '../numeric/angle';
import { deepest } from './deepest';
import type { Capacities, Limits } from './limits';
import { problemOf } from './problem';
import { settle } from './settle';
import { stanceOf, type StanceSetup } from './stance';
import type { PostureState } from './state';
import { LEAN } from './variables';

/** What a set-up is fitted for; all but `depth` at a given thigh angle. */
export type FitAim =
  | { readonly for: 'depth'; readonly thighDeg: number }
  | { readonly for: 'upright'; readonly thighDeg: number }
  | { readonly for: 'knees'; readonly thighDeg: number }
  | { readonly for: 'hips'; readonly thighDeg: number };

export const FIT_AIMS = ['depth', 'upright', 'knees', 'hips'] as const;

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
  /** In steps of the levers: 4 cm of stance, 5° of toes, 5 mm of heel, arms, 2.5 kg each count 1. */
  readonly change: number;
  /** Less is better: thigh angle or trunk lean in degrees, or a moment in newton metres. */
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

const STANCES_CM = [0, 8, 16, 24, 32];
const TOES_DEG = [0, 10, 20];
const HEELS_MM = [0, 10, 20, 30];
const HELD_KG = [0, 2.5, 5];
const WIDEST_CM = 80;
const MOST_TOE_OUT = 35;
const MOST_HEEL_MM = 40;

/** All set-ups worth trying from the present one. Only what a coach changes in seconds. */
export function candidates(setup: StanceSetup): { setup: StanceSetup; change: number }[] {
  const holds = setup.load.kg === 0 && setup.hands === 'free';
  return STANCES_CM.flatMap((wider) =>
    TOES_DEG.flatMap((out) =>
      HEELS_MM.flatMap((heel) =>
        (holds ? HELD_KG : [0]).flatMap((kg) => {
          const next = changed(setup, wider, out, heel, kg);
          return next ? [{ setup: next, change: wider / 4 + out / 5 + heel / 5 + kg / 2.5 }] : [];
        }),
      ),
    ),
  );
}

function changed(
  setup: StanceSetup,
  wider: number,
  out: number,
  heel: number,
  kg: number,
): StanceSetup | null {
  const toeOutDeg = { left: setup.toeOutDeg.left + out, right: setup.toeOutDeg.right + out };
  const beyond =
    (wider > 0 && setup.stanceCm + wider > WIDEST_CM) ||
    (out > 0 && Math.max(toeOutDeg.left, toeOutDeg.right) > MOST_TOE_OUT) ||
    (heel > 0 && setup.heelLiftMm + heel > MOST_HEEL_MM);
  if (beyond) return null;
  return {
    ...setup,
    stanceCm: setup.stanceCm + wider,
    toeOutDeg,
    heelLiftMm: setup.heelLiftMm + heel,
    ...(kg > 0 ? { arms: 'forward' as const, load: { at: 'ahead' as const, kg } } : {}),
  };
}

const most = (state: PostureState, joint: 'hip' | 'knee'): number =>
  Math.max(Math.abs(state.moments.left[joint]), Math.abs(state.moments.right[joint]));

/** What a set-up gives for an aim; null where this body cannot stand so or not get so deep. */
function valueOf(input: FitInput, setup: StanceSetup, aim: FitAim): Omit<Fitted, 'change'> | null {
  const { body, limits, capacities, pattern } = input;
  const problem = problemOf(body, stanceOf(pattern, setup, body.heightM), limits, capacities);
  const low = deepest(problem);
  if (low.status !== 'reached') return null;
  const reachesDeg = degOfRad(low.depthRad);
  if (aim.for === 'depth') return { setup, value: reachesDeg, reachesDeg };
  const settled = settle(problem, { thighRad: radOfDeg(aim.thighDeg) });
  if (settled.status !== 'settled') return null;
  const { state } = settled;
  const value =
    aim.for === 'upright'
      ? degOfRad(state.q[LEAN])
      : most(state, aim.for === 'knees' ? 'knee' : 'hip');
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
  return tradeOff.find(({ value }) => value <= aim.thighDeg + 0.05) ?? last;
}

export type FitAnswer =
  | { readonly status: 'fitted'; readonly fit: Fit }
  /** No set-up lets this body do what is asked. */
  | { readonly status: 'none'; readonly tried: number };

/**
 * The best stance, toe-out, heel lift and counterweight for an aim, with what each step costs.
 *
 * @param onTried called after each set-up; returning false stops the search
 */
export function fit(
  input: FitInput,
  aim: FitAim,
  onTried: (done: number, all: number) => boolean | void = () => {},
): FitAnswer {
  const all = candidates(input.setup);
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

import { FIGURE_CAMERAS, project, type FigureView } from '@taxikine/core/body/skeleton/camera';
import { drawFigure, type DrawnFigure } from '@taxikine/core/body/skeleton/drawFigure';
import { footprintsOf, type Footprints } from '@taxikine/core/body/skeleton/footprints';
import { skeletonOf } from '@taxikine/core/body/skeleton/skeletonOf';
import {
  askDeepest,
  askFit,
  askSettle,
  problemFrom,
  type PostureAnswer,
  type PostureQuestion,
} from '@taxikine/core/body/solver/ask';
import type { AttributionInput } from '@taxikine/core/inference/depth/attribute';
import {
  attributeWithErrors,
  type AttributionWithErrors,
} from '@taxikine/core/inference/depth/attributeWithErrors';
import type { Fit, FitAim } from '@taxikine/core/body/solver/fit';
import type { PostureReport } from '@taxikine/core/body/solver/postureReport';
import type { MeasuredLimits } from '@taxikine/core/inference/depth/measuredSem';
import { roundingOf, type Rounding } from '@taxikine/core/body/solver/rounding';
import { stanceProblems } from '@taxikine/core/body/solver/stanceProblems';
import { stateOf } from '@taxikine/core/body/solver/state';
import { mix } from '@taxikine/core/body/solver/variables';
import { likelyStand, type StandsAt } from '@taxikine/core/inference/depth/likelyStand';
import { reachErrorDeg, whatIf, type WhatIf } from '@taxikine/core/inference/depth/whatIf';

type Variables = readonly number[];

/** An answer that can cross to another thread: the posture as its free variables, and drawn. */
export type Reach =
  | (Omit<Extract<PostureAnswer, { status: 'found' }>, 'state'> & {
      readonly q: Variables;
      readonly figure: DrawnFigure;
      readonly lines: PlumbLines;
      readonly prints: Footprints;
    })
  | Extract<PostureAnswer, { status: 'blocked' }>
  /** What no joint could help about this stance. */
  | { readonly status: 'problem'; readonly message: string };

/** Where the centre of mass and the middle of the feet are in the picture, millimetres to the right. */
export interface PlumbLines {
  readonly mass: number;
  readonly midFoot: number;
}

function answered(
  question: PostureQuestion,
  view: FigureView,
  ask: (question: PostureQuestion) => PostureAnswer,
): Reach {
  const [problem] = stanceProblems(question.body, question.pattern, question.setup);
  if (problem) return { status: 'problem', message: problem.message };
  const answer = ask(question);
  if (answer.status === 'blocked') return answer;
  const { state, ...rest } = answer;
  const lines = linesOf(question, state.com, view);
  const figure = drawn(question, state.q, view);
  const prints = footprintsOf({ problem: problemFrom(question), state });
  return { ...rest, q: [...state.q], figure, lines, prints };
}

function linesOf(
  question: PostureQuestion,
  com: readonly [number, number, number],
  view: FigureView,
): PlumbLines {
  const { left, right } = problemFrom(question).feet;
  const middle = [0, 1, 2].map((k) => (left.middle[k] + right.middle[k]) / 2);
  const at = (point: readonly number[]) =>
    1000 * project(FIGURE_CAMERAS[view], [point[0], point[1], point[2]])[0];
  return { mass: at(com), midFoot: at(middle) };
}

function drawn(question: PostureQuestion, q: Variables, view: FigureView): DrawnFigure {
  const problem = problemFrom(question);
  const state = stateOf(problem, [...q]);
  return drawFigure(FIGURE_CAMERAS[view], skeletonOf({ problem, state }));
}

export type Progress = (done: number, all: number) => void;

/** Time between two words about how far a long question is, in milliseconds; its end is always told. */
const TELL_EVERY = 120;

function sometimes(onProgress: Progress): Progress {
  let told = performance.now();
  return (done, all) => {
    const now = performance.now();
    if (done < all && now - told < TELL_EVERY) return;
    told = now;
    onProgress(done, all);
  };
}

/** What each range would buy if it were usual, and the half-width of the reach's 95 % interval. */
export interface Prices {
  readonly gains: readonly WhatIf[];
  readonly reachErrorDeg: number;
  /** Where the low back begins to round; null where it is let go no further than neutral. */
  readonly rounding: Rounding | null;
}

/** How a body with the measured ranges likely stands, told and drawn. */
export interface Stood {
  readonly at: StandsAt;
  readonly posture: PostureReport;
  readonly prints: Footprints;
  readonly rounding: Rounding | null;
}

function stood(input: AttributionInput): Stood | null {
  const likely = likelyStand(input);
  if (!likely) return null;
  const { question, answer, at } = likely;
  return {
    at,
    posture: answer.posture,
    prints: footprintsOf({ problem: problemFrom(question), state: answer.state }),
    rounding: roundingOf(question),
  };
}

/** Everything that the app asks the solver; runs in the worker. */
export const postureApi = {
  deepest: (question: PostureQuestion, view: FigureView): Reach =>
    answered(question, view, askDeepest),
  settle: (
    question: PostureQuestion,
    aim: Parameters<typeof askSettle>[1],
    view: FigureView,
  ): Reach => answered(question, view, (asked) => askSettle(asked, aim)),
  /** A posture part of the way from one to another. */
  between: (
    question: PostureQuestion,
    from: Variables,
    to: Variables,
    part: number,
    view: FigureView,
  ): DrawnFigure => drawn(question, mix(1 - part, [...from], part, [...to]), view),
  /** What usual ranges would buy, and how far off the reach may be for what was not measured. */
  whatIf: (question: PostureQuestion, measured: MeasuredLimits): Prices => ({
    gains: whatIf(question),
    reachErrorDeg: reachErrorDeg(question, measured),
    rounding: roundingOf(question),
  }),
  shares: (input: AttributionInput, onProgress: Progress): AttributionWithErrors =>
    attributeWithErrors(input, sometimes(onProgress)),
  stand: (input: AttributionInput): Stood | null => stood(input),
  fit: (question: PostureQuestion, aim: FitAim, onProgress: Progress): Fit | null =>
    askFit(question, aim, sometimes(onProgress)),
};

export type PostureApi = typeof postureApi;

import {
  askDeepest,
  askFit,
  askSettle,
  attribute,
  whatIf,
  type Attribution,
  type AttributionInput,
  type Fit,
  type FitAim,
  type PostureQuestion,
  type WhatIf,
} from '@taxikine/core/solver';

type Asked = ReturnType<typeof askDeepest>;

/** An answer that can cross to another thread: the posture as its free variables. */
export type Reach =
  | (Omit<Extract<Asked, { status: 'found' }>, 'state'> & { readonly q: readonly number[] })
  | Extract<Asked, { status: 'blocked' }>;

const sent = (answer: Asked): Reach => {
  if (answer.status === 'blocked') return answer;
  const { state, ...rest } = answer;
  return { ...rest, q: [...state.q] };
};

export type Progress = (done: number, all: number) => void;

/** How many steps of a long question go by between two words about how far it is. */
const TELL_EVERY = 4;

const sometimes = (onProgress: Progress) => (done: number, all: number) => {
  if (done % TELL_EVERY === 0 || done === all) onProgress(done, all);
};

/** Everything that the app asks the solver; runs in the worker. */
export const postureApi = {
  deepest: (question: PostureQuestion): Reach => sent(askDeepest(question)),
  settle: (question: PostureQuestion, thighDeg: number, from?: readonly number[]): Reach =>
    sent(askSettle(question, { thighDeg }, from)),
  whatIf: (question: PostureQuestion): WhatIf[] => whatIf(question),
  shares: (input: AttributionInput, onProgress: Progress): Attribution =>
    attribute(input, sometimes(onProgress)),
  fit: (question: PostureQuestion, aim: FitAim, onProgress: Progress): Fit | null =>
    askFit(question, aim, sometimes(onProgress)),
};

export type PostureApi = typeof postureApi;

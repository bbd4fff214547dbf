import {
  askDeepest,
  askFit,
  askSettle,
  parsePostureInput,
  stanceProblems,
  type FitAim,
  type Parsed,
  type PostureAnswer,
  type PostureInput,
} from '@taxikine/core';

type Verb = (input: unknown) => Parsed<unknown>;

/** A document of the posture verbs; an impossible posture is an answer, not an error. */
const documentOf = (answer: PostureAnswer): unknown =>
  answer.status === 'found'
    ? { posture: answer.posture, binding: answer.binding }
    : { posture: null, binding: [], blocked: answer.lacks };

const bad = (path: string, message: string): Parsed<never> => ({
  status: 'bad',
  problems: [{ path, message }],
});

/** Input that describes a body which can at least stand so. */
function readPosture(input: unknown): Parsed<PostureInput> {
  const read = parsePostureInput(input);
  if (read.status === 'bad') return read;
  const { body, pattern, setup } = read.value;
  const problems = stanceProblems(body, pattern, setup);
  if (problems.length === 0) return read;
  return {
    status: 'bad',
    problems: problems.map(({ field, message }) => ({ path: `setup.${field}`, message })),
  };
}

const deepest: Verb = (input) => {
  const read = readPosture(input);
  return read.status === 'bad' ? read : { status: 'ok', value: documentOf(askDeepest(read.value)) };
};

const settle: Verb = (input) => {
  const read = readPosture(input);
  if (read.status === 'bad') return read;
  const { thighDeg, trunkLeanDeg } = read.value;
  if (thighDeg === undefined && trunkLeanDeg === undefined)
    return bad('thighDeg', 'the depth to settle at is missing');
  const aim = thighDeg === undefined ? { trunkLeanDeg: trunkLeanDeg! } : { thighDeg };
  return { status: 'ok', value: documentOf(askSettle(read.value, aim)) };
};

const fit: Verb = (input) => {
  const read = readPosture(input);
  if (read.status === 'bad') return read;
  const { aim } = read.value;
  if (!aim) return bad('aim', 'what to fit for is missing');
  return { status: 'ok', value: { aim, fit: askFit(read.value, aim as FitAim) } };
};

/** The verbs there are; a new one goes here. */
export const VERBS: Readonly<Record<string, Verb>> = { deepest, settle, fit };

import {
  analyse,
  askDeepest,
  askFit,
  askSettle,
  compareReport,
  NO_PLAN,
  parseCase,
  parsePlanInput,
  parsePostureInput,
  planReport,
  parseRecorderInput,
  POINT_COLUMNS,
  readRecording,
  record,
  stanceProblems,
  traceReport,
  type ColumnMap,
  type Parsed,
  type PostureAnswer,
  type PostureInput,
} from '@taxikine/core';

/** A verb that takes a JSON document, or one that reads its file itself. */
export type Verb =
  | { readonly takes: 'document'; readonly run: (input: unknown) => Parsed<unknown> }
  | { readonly takes: 'text'; readonly run: (text: string) => Parsed<unknown> };

type OnDocument = (input: unknown) => Parsed<unknown>;

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

const deepest: OnDocument = (input) => {
  const read = readPosture(input);
  return read.status === 'bad' ? read : { status: 'ok', value: documentOf(askDeepest(read.value)) };
};

const settle: OnDocument = (input) => {
  const read = readPosture(input);
  if (read.status === 'bad') return read;
  const { thighDeg, trunkLeanDeg } = read.value;
  if (thighDeg === undefined && trunkLeanDeg === undefined)
    return bad('thighDeg', 'the depth to settle at is missing');
  const aim = thighDeg === undefined ? { trunkLeanDeg: trunkLeanDeg! } : { thighDeg };
  return { status: 'ok', value: documentOf(askSettle(read.value, aim)) };
};

const fit: OnDocument = (input) => {
  const read = readPosture(input);
  if (read.status === 'bad') return read;
  const { aim } = read.value;
  if (!aim) return bad('aim', 'what to fit for is missing');
  return { status: 'ok', value: { aim, fit: askFit(read.value, aim) } };
};

/** Blocked or not, and what follows; findings that cannot be true together are told, not thrown. */
const traced: OnDocument = (input) => {
  const read = parseCase(input);
  if (read.status === 'bad') return read;
  try {
    return { status: 'ok', value: traceReport(read.value) };
  } catch (error) {
    if (error instanceof RangeError) return bad('look', error.message);
    throw error;
  }
};

const recorded: OnDocument = (input) => {
  const read = parseRecorderInput(input);
  if (read.status === 'bad') return read;
  const played = record(read.value);
  return played.status === 'recorded'
    ? { status: 'ok', value: played.document }
    : bad('setup', played.why);
};

/** Keypoint JSON or a table, measured. */
function measured(text: string): Parsed<unknown> {
  const read = readRecording(text);
  if (read.status === 'bad') return read;
  if (read.status === 'columns') return bad('columns', unnamedColumns(read.names, read.known));
  const answer = analyse(read.value);
  return answer.status === 'analysed'
    ? { status: 'ok', value: answer.analysis }
    : bad('', answer.why);
}

function unnamedColumns(names: readonly string[], known: ColumnMap): string {
  const lacking = POINT_COLUMNS.filter((one) => one !== 'confidence' && !known[one]);
  return `none of ${names.join(', ')} is named ${lacking.join(' or ')}`;
}

const onDocument = (run: OnDocument): Verb => ({ takes: 'document', run });

/** A trace and constraints, or a case file that says both; blocked is an empty session. */
const planned: OnDocument = (input) => {
  if (isCase(input)) {
    const read = traced(input);
    return read.status === 'bad'
      ? read
      : { status: 'ok', value: (read.value as ReturnType<typeof traceReport>).plan };
  }
  const read = parsePlanInput(input);
  if (read.status === 'bad') return read;
  const { blocked, causes, limits, wish } = read.value;
  return { status: 'ok', value: blocked ? NO_PLAN : planReport({ causes }, limits, wish) };
};

const isCase = (input: unknown): boolean =>
  typeof input === 'object' && input !== null && 'format' in input;

/** The verbs there are; a new one goes here. */
export const VERBS: Readonly<Record<string, Verb>> = {
  deepest: onDocument(deepest),
  settle: onDocument(settle),
  fit: onDocument(fit),
  trace: onDocument(traced),
  plan: onDocument(planned),
  compare: onDocument(compareReport),
  record: onDocument(recorded),
  measure: { takes: 'text', run: measured },
};

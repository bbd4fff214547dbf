import { VERBS } from './verbs';

export type VerbAnswer =
  | { readonly status: 'done'; readonly document: unknown }
  /** One line for each problem, each with the JSON path it is about. */
  | { readonly status: 'bad'; readonly lines: readonly string[] };

const usage = (): string =>
  `usage: taxikine ${Object.keys(VERBS).join('|')} FILE   (- is standard input)`;

function readJson(read: () => string): { value: unknown } | { problem: string } {
  try {
    return { value: JSON.parse(read()) };
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    return { problem: `(file): cannot be read as JSON: ${why}` };
  }
}

/** Runs one verb on one JSON text. */
export function runVerb(verb: string, read: () => string): VerbAnswer {
  const run = Object.hasOwn(VERBS, verb) ? VERBS[verb] : undefined;
  if (!run) return { status: 'bad', lines: [usage()] };
  const input = readJson(read);
  if ('problem' in input) return { status: 'bad', lines: [input.problem] };
  const answer = run(input.value);
  if (answer.status === 'ok') return { status: 'done', document: answer.value };
  return {
    status: 'bad',
    lines: answer.problems.map(({ path, message }) => `${path || '(root)'}: ${message}`),
  };
}

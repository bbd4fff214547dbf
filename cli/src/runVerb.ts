import type { Parsed } from '@taxikine/core';
import { usage } from './usage';
import { VERBS, type Verb } from './verbs';

export type VerbAnswer =
  | { readonly status: 'done'; readonly document: unknown }
  /** One line for each problem, each with the JSON path it is about. */
  | { readonly status: 'bad'; readonly lines: readonly string[] };

function onText({ takes, run }: Verb, text: string): Parsed<unknown> {
  if (takes === 'text') return run(text);
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    return {
      status: 'bad',
      problems: [{ path: '(file)', message: `cannot be read as JSON: ${why}` }],
    };
  }
  return run(document);
}

/** What a file holds, or why it cannot be read. */
function textOf(read: () => string): Parsed<string> {
  try {
    return { status: 'ok', value: read() };
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    return { status: 'bad', problems: [{ path: '(file)', message: `cannot be read: ${why}` }] };
  }
}

/** Runs one verb on one text. */
export function runVerb(verb: string, read: () => string): VerbAnswer {
  const run = Object.hasOwn(VERBS, verb) ? VERBS[verb] : undefined;
  if (!run) return { status: 'bad', lines: [usage()] };
  const text = textOf(read);
  const answer = text.status === 'bad' ? text : onText(run, text.value);
  if (answer.status === 'ok') return { status: 'done', document: answer.value };
  return {
    status: 'bad',
    lines: answer.problems.map(({ path, message }) => `${path || '(root)'}: ${message}`),
  };
}

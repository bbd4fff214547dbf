import { runVerb } from './runVerb';

/** What went wrong with a line, in the words of a single run; anything unforeseen is the line's own, too. */
function answerTo(verb: string, line: string): unknown {
  try {
    const answer = runVerb(verb, () => line);
    return answer.status === 'done' ? answer.document : { error: answer.lines };
  } catch (error) {
    return { error: [`(root): ${error instanceof Error ? error.message : String(error)}`] };
  }
}

/**
 * Runs a verb on one JSON document a line: an answer, or `{ error: [...] }`, a line, in order. A line that is
 * wrong stops none of the others; empty lines are passed over.
 */
export async function* runLines(
  verb: string,
  lines: AsyncIterable<string>,
): AsyncGenerator<string> {
  for await (const line of lines)
    if (line.trim() !== '') yield JSON.stringify(answerTo(verb, line));
}

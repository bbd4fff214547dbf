import { once } from 'node:events';
import { createReadStream, readFileSync } from 'node:fs';
import { createInterface } from 'node:readline';
import { runLines } from './runLines';
import { runVerb } from './runVerb';
import { usage } from './usage';
import { VERBS } from './verbs';

const LINES = '--lines';

function fail(lines: readonly string[]): number {
  process.stderr.write(lines.map((line) => `${line}\n`).join(''));
  return 2;
}

/** One document in, one out. */
function single(verb: string, file: string): number {
  const answer = runVerb(verb, () => readFileSync(file === '-' ? 0 : file, 'utf8'));
  if (answer.status === 'bad') return fail(answer.lines);
  process.stdout.write(`${JSON.stringify(answer.document, null, 2)}\n`);
  return 0;
}

/** As many as there are, each answered before the next is read. */
async function batch(verb: string, file: string): Promise<number> {
  if (!Object.hasOwn(VERBS, verb)) return fail([usage()]);
  const input = file === '-' ? process.stdin : createReadStream(file);
  const unreadable = once(input, 'error').then(([error]: Error[]) => Promise.reject(error));
  const all = async () => {
    for await (const answer of runLines(verb, createInterface({ input, crlfDelay: Infinity })))
      if (!process.stdout.write(`${answer}\n`)) await once(process.stdout, 'drain');
    return 0;
  };
  try {
    return await Promise.race([all(), unreadable]);
  } catch (error) {
    return fail([`(file): cannot be read: ${(error as Error).message}`]);
  }
}

/** `taxikine VERB FILE`: one JSON document on standard output, or problems on standard error. */
async function main(given: readonly string[]): Promise<number> {
  const [verb = '', file = ''] = given.filter((one) => one !== LINES);
  return given.includes(LINES) ? batch(verb, file) : single(verb, file);
}

process.exitCode = await main(process.argv.slice(2));

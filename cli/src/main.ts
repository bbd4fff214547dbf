import { readFileSync } from 'node:fs';
import { runVerb } from './runVerb';

/** `taxikine VERB FILE`: one JSON document on standard output, or problems on standard error. */
function main([verb = '', file = '']: readonly string[]): number {
  const answer = runVerb(verb, () => readFileSync(file === '-' ? 0 : file, 'utf8'));
  if (answer.status === 'bad') {
    process.stderr.write(answer.lines.map((line) => `${line}\n`).join(''));
    return 2;
  }
  process.stdout.write(`${JSON.stringify(answer.document, null, 2)}\n`);
  return 0;
}

process.exitCode = main(process.argv.slice(2));

import { VERBS } from './verbs';

/** How the command is called. */
export const usage = (): string =>
  `usage: taxikine ${Object.keys(VERBS).join('|')} FILE [--lines]   (- is standard input; --lines: one JSON document a line)`;

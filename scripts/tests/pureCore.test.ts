import { spawnSync } from 'node:child_process';
import { join } from 'node:path';

const ROOT = join(__dirname, '../..');

/** Rules that are broken by each line of a file of this name. */
function brokenBy(path: string, lines: readonly string[]): (string | null)[][] {
  const { stdout } = spawnSync(
    process.execPath,
    [
      join(ROOT, 'node_modules/eslint/bin/eslint.js'),
      ...['--stdin', '--stdin-filename', path, '--format', 'json'],
    ],
    { cwd: ROOT, encoding: 'utf8', input: lines.join('\n') },
  );
  const [{ messages }] = JSON.parse(stdout) as {
    messages: { line: number; ruleId: string | null }[];
  }[];
  return lines.map((_, i) =>
    messages.filter(({ line }) => line === i + 1).map(({ ruleId }) => ruleId),
  );
}

/** What core may not do: the clock, chance, the outside. */
const IMPURE = [
  'export const a = Date.now();',
  'export const b = new Date();',
  'export const c = Math.random();',
  'export const d = crypto.randomUUID();',
  "export const e = fetch('https://saltreach.example');",
  'export const f = localStorage;',
  'export const g = process.env;',
  'export const h = setTimeout(() => {}, 1);',
  'export const i = window;',
  "import 'react';",
];

it('core has no clock, no chance and nothing of the outside', () => {
  const broken = brokenBy('core/src/planning/session/made.ts', IMPURE);
  expect(broken.map((rules) => rules.some((one) => one?.startsWith('no-restricted')))).toEqual(
    IMPURE.map(() => true),
  );
});

it('and may take the time as an argument', () =>
  expect(
    brokenBy('core/src/planning/session/made.ts', [
      'export const day = (at: string): number => new Date(at).getTime();',
    ]),
  ).toEqual([[]]));

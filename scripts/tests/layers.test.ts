import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, relative } from 'node:path';
import { LAYERS } from '../../.dependency-cruiser.mjs';

const ROOT = join(__dirname, '../..');
const CRUISER = join(ROOT, 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs');

interface Told {
  readonly from: string;
  readonly rule: { readonly name: string };
}

/** What the rules say of a tree that holds an import a file, from one place to another, and nothing else. */
function toldOf(
  imports: readonly (readonly [from: string, to: string, types?: boolean])[],
): Told[] {
  const home = mkdtempSync(join(tmpdir(), 'layers-'));
  const put = (path: string, text: string, flag?: string) => {
    mkdirSync(dirname(join(home, path)), { recursive: true });
    writeFileSync(join(home, path), text, { flag });
  };
  try {
    for (const house of ['core', 'server', 'cli', 'app', 'demo', 'e2e', 'scripts'])
      mkdirSync(join(home, house));
    for (const [, to] of imports) put(to, 'export type A = string;\nexport const a = 1;\n');
    for (const [from, to, types] of imports) {
      const path = relative(dirname(from), to).replace(/\.tsx?$/, '');
      const what = types ? 'import type { A as B }' : 'export { a as b }';
      put(from, `${what} from '${path.startsWith('.') ? path : `./${path}`}';\n`, 'a');
    }
    const { stdout } = spawnSync(
      process.execPath,
      [
        CRUISER,
        ...['--config', join(ROOT, '.dependency-cruiser.mjs'), '--output-type', 'json'],
        ...['core', 'server', 'cli', 'app', 'demo', 'e2e', 'scripts'],
      ],
      { cwd: home, encoding: 'utf8' },
    );
    const { summary } = JSON.parse(stdout) as { summary: { violations: Told[] } };
    return summary.violations;
  } finally {
    rmSync(home, { recursive: true });
  }
}

type Rows = readonly (readonly string[])[];

/** Every folder of a layered house with the one that is the lowest of those above it. */
const upward = (house: string, rows: Rows) =>
  rows
    .slice(0, -1)
    .flatMap((row, i) => row.map((folder) => ({ house, row, folder, above: rows[i + 1][0] })));

const HOUSES = Object.entries(LAYERS as Readonly<Record<string, Rows>>);
const UPWARD = HOUSES.flatMap(([house, rows]) => upward(house, rows));

it.each(HOUSES)('every folder of %s has a row, and every row its folders', (house, rows) => {
  const there = readdirSync(join(ROOT, house), { withFileTypes: true });
  const folders = there.filter((one) => one.isDirectory()).map(({ name }) => name);
  expect(rows.flat().toSorted()).toEqual(folders.toSorted());
});

/** Rule, the file that breaks it, what it reaches for, and whether for types alone. */
const PLANTED: readonly (readonly [rule: string, from: string, to: string, types?: boolean])[] = [
  ...UPWARD.map(
    ({ house, row, folder, above }, i) =>
      [
        `${house.replace('/src', '')}-${row.join('-')}-looks-down`,
        `${house}/${folder}/up${i}.ts`,
        `${house}/${above}/deep/er/there${i}.ts`,
        i % 2 === 0,
      ] as const,
  ),
  ['core-foundation-looks-down', 'core/src/foundation/far.ts', 'core/src/reading/far/there.ts'],
  ['no-circle', 'core/src/body/solver/one.ts', 'core/src/body/solver/other.ts'],
  ['no-circle-of-folders', 'core/src/media/a/one.ts', 'core/src/media/b/there.ts', true],
  ['no-circle-of-folders', 'core/src/media/b/one.ts', 'core/src/media/a/there.ts', true],
  ['core-index-for-others', 'core/src/reading/lazy.ts', 'core/src/index.ts'],
  ['core-stays-at-home', 'core/src/reading/out.ts', 'server/src/there.ts', true],
  ['core-stays-at-home', 'core/tests/out.ts', 'app/src/deep/there.ts'],
  ['cli-stays-at-home', 'cli/src/deep/out.ts', 'server/src/cli.ts'],
  ['server-stays-at-home', 'server/src/deep/out.ts', 'app/src/server.ts', true],
  ['app-stays-at-home', 'app/src/deep/out.ts', 'server/src/app.ts'],
  ['demo-stays-at-home', 'demo/src/deep/out.ts', 'app/src/demo.ts'],
  ['specs-know-the-screen-only', 'e2e/specs/out.ts', 'app/src/e2e.ts'],
  ['app-ui-looks-down', 'app/src/ui/deep/out.tsx', 'app/src/visit/There.tsx', true],
  ['server-database-looks-down', 'server/src/database/out.ts', 'server/src/http/there.ts'],
];

/** The way back, without which there is no circle. */
const BACK = ['core/src/body/solver/other.ts', 'core/src/body/solver/one.ts'] as const;

describe('an import that goes the wrong way', () => {
  const told = toldOf([...PLANTED.map(([, ...one]) => one), BACK]);

  it.each(PLANTED)('%s: %s may not reach for %s', (rule, from) => {
    const place = rule === 'no-circle-of-folders' ? dirname(from) : from;
    expect(told.filter((one) => one.from === place).map((one) => one.rule.name)).toContain(rule);
  });
});

it('one that goes the right way is told of nothing', () =>
  expect(
    toldOf([
      ...UPWARD.map(
        ({ house, folder, above }, i) =>
          [`${house}/${above}/down${i}.ts`, `${house}/${folder}/there${i}.ts`] as const,
      ),
      ['core/src/body/solver/one.ts', 'core/src/body/solver/two.ts'],
      ['server/src/one.ts', 'core/src/index.ts'],
      ['app/src/visit/One.tsx', 'app/src/ui/there.ts'],
      ['app/src/ui/one.tsx', 'app/src/words/there.ts'],
      ['app/src/client/Next.tsx', 'app/src/shell/lazyScreens.ts'],
      ['demo/src/one.ts', 'server/src/there.ts'],
      ['e2e/specs/one.ts', 'demo/src/there.ts'],
    ]),
  ).toEqual([]));

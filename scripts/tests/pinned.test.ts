import { readFileSync } from 'node:fs';
import { join } from 'node:path';

const ROOT = join(__dirname, '../..');

interface Package {
  readonly workspaces?: readonly string[];
  readonly dependencies?: Readonly<Record<string, string>>;
  readonly devDependencies?: Readonly<Record<string, string>>;
}

const packageIn = (folder: string): Package =>
  JSON.parse(readFileSync(join(ROOT, folder, 'package.json'), 'utf8'));

const ALL = ['.', 'scripts/mutants', ...packageIn('.').workspaces!].flatMap((folder) => {
  const { dependencies, devDependencies } = packageIn(folder);
  return Object.entries({ ...dependencies, ...devDependencies }).map(
    ([name, version]) => [folder, name, version] as const,
  );
});

it.each(ALL)('%s: %s is one version and no range', (_folder, _name, version) =>
  expect(version).toMatch(/^(npm:[^^~]+@)?\d+\.\d+\.\d+(-[\w.]+)?$/),
);

it('a package that several houses use has one version', () => {
  const versionsOf = (name: string) =>
    new Set(ALL.filter((one) => one[1] === name).map((one) => one[2]));
  const several = ALL.map(([, name]) => name).filter((name) => versionsOf(name).size > 1);
  expect(several).toEqual([]);
});

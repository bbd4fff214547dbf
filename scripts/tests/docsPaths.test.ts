import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';

const ROOT = join(__dirname, '../..');
const pagesIn = (folder: string): string[] =>
  readdirSync(join(ROOT, folder), { encoding: 'utf8', recursive: true })
    .filter((name) => name.endsWith('.md'))
    .map((name) => `${folder}/${name}`);
const DOCS = [
  'README.md',
  'CONTRIBUTING.md',
  'CHANGELOG.md',
  ...pagesIn('docs'),
  ...pagesIn('core/src'),
];
const HOUSES = 'core|server|app|cli|demo|e2e|scripts|docs';

/** Paths between backticks, and those that links point to. */
function pathsIn(doc: string): string[] {
  const text = readFileSync(join(ROOT, doc), 'utf8');
  const told = [...text.matchAll(new RegExp(`\`((?:${HOUSES})/[^\`\\s]+)\``, 'g'))];
  return [...new Set(told.map(([, path]) => path.replace(/[:#].*$/, '')))];
}

/** A path is there; an ellipsis or a star stands for any letters of a name. */
function isThere(path: string): boolean {
  const [home, name] = [join(ROOT, dirname(path)), basename(path)];
  if (!/[…*]/.test(name)) return existsSync(join(ROOT, path));
  const like = new RegExp(`^${name.replaceAll('.', '\\.').replace(/[…*]+/g, '.+')}$`);
  return existsSync(home) && readdirSync(home).some((one) => like.test(one));
}

it.each(DOCS)('%s names no file that is not there', (doc) =>
  expect(pathsIn(doc).filter((path) => !isThere(path))).toEqual([]),
);

it('finds the paths that are told', () =>
  expect(pathsIn('CONTRIBUTING.md').length).toBeGreaterThan(40));

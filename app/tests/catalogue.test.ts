import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { en } from '../src/words/en';

const ROOT = join(__dirname, '..', 'src');

const sources = (readdirSync(ROOT, { recursive: true }) as string[])
  .filter((name) => /\.tsx?$/.test(name))
  .map((name) => [name, readFileSync(join(ROOT, name), 'utf8')] as const);

/** Keys as the code names them: `t('a.b')` whole, and what stands before the first `${` of a template. */
const wholeKeys = sources.flatMap(([file, text]) =>
  [...text.matchAll(/\bt\(\s*'([\w.-]+)'/g)].map(([, key]) => [key, file] as const),
);
const keyStarts = sources.flatMap(([file, text]) =>
  [...text.matchAll(/\bt\(\s*`([\w.-]+)\.\$\{/g)].map(([, key]) => [key, file] as const),
);

const at = (key: string): unknown =>
  key.split('.').reduce<unknown>((words, part) => (words as Record<string, unknown>)?.[part], en);

it('finds the keys of the code', () => {
  expect(wholeKeys.length).toBeGreaterThan(100);
  expect(keyStarts.length).toBeGreaterThan(10);
});

it.each([...new Map(wholeKeys)])('%s is in the catalogue (%s)', (key) => {
  const isPlural = typeof at(`${key}_one`) === 'string' && typeof at(`${key}_other`) === 'string';
  expect(isPlural || typeof at(key) === 'string').toBe(true);
});

it.each([...new Map(keyStarts)])('%s.… is a group of the catalogue (%s)', (key) => {
  expect(typeof at(key)).toBe('object');
});

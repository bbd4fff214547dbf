import { existsSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { enHome } from '../src/words/enHome';
import { enShell } from '../src/words/enShell';

/** The files that a file of ours brings with it, as they are imported; types bring nothing. */
function brought(file: string, seen = new Set<string>()): Set<string> {
  if (seen.has(file)) return seen;
  seen.add(file);
  const text = readFileSync(file, 'utf8');
  const imports = [
    ...text.matchAll(/^import (?!type )[^;]*?'(\.[^']+)'/gms),
    ...text.matchAll(/import\('(\.[^']+)'\)/g),
  ];
  for (const [, path] of imports) {
    const base = join(dirname(file), path);
    const found = [`${base}.ts`, `${base}.tsx`].find(existsSync);
    if (found) brought(found, seen);
  }
  return seen;
}

const files = [...brought(join(__dirname, '..', 'src', 'client-page', 'HomePageScreen.tsx'))];
const keys = files.flatMap((file) =>
  [...readFileSync(file, 'utf8').matchAll(/\bt\(\s*['`]([\w-]+)(?=[.'`])/g)].map(
    ([, group]) => [group, file.split('/src/')[1]] as const,
  ),
);

it('finds what the client’s page is made of', () => {
  expect(files.length).toBeGreaterThan(40);
  expect(keys.length).toBeGreaterThan(20);
  expect(files.some((file) => file.endsWith('Player.tsx'))).toBe(true);
});

it.each([...new Map(keys)])('the words of %s (%s) come with the client’s page', (group) => {
  expect(group in { ...enShell, ...enHome }).toBe(true);
});

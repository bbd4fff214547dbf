import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from '../scripts/lib/paths.mjs';

const PAGE = readFileSync(join(ROOT, 'docs', 'operating.md'), 'utf8');

/**
 * What the page for operators tells to run, under a name: a test does just that.
 *
 * @throws Error when the page has no such block
 */
export function told(name: string): string {
  const block = new RegExp(`<!-- run: ${name} -->\\s+\`\`\`\\w+\\n([\\s\\S]*?)\`\`\``).exec(PAGE);
  if (!block) throw new Error(`docs/operating.md has no block “${name}”`);
  return block[1]!;
}

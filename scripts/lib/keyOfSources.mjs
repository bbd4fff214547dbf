import { createHash } from 'node:crypto';
import { readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';

const changesIn = (folder) =>
  readdirSync(folder, { recursive: true })
    .filter((name) => name.endsWith('.ts'))
    .sort()
    .map((name) => `${name} ${statSync(join(folder, name)).mtimeMs}`);

/** A key that is another one as soon as any source in the folders is, and with whatever else counts. */
export const keyOfSources = (folders, also) =>
  createHash('sha256')
    .update([...folders.flatMap(changesIn), ...also].join('\n'))
    .digest('hex');

import { chmodSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** A folder to throw away that PostgreSQL's own user can enter too. */
export function scratchFolder(what) {
  const folder = mkdtempSync(join(tmpdir(), `taxikine-${what}-`));
  chmodSync(folder, 0o755);
  return folder;
}

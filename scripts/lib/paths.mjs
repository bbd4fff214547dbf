import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = dirname(dirname(dirname(fileURLToPath(import.meta.url))));
/** Everything our commands keep beside the code; ignored by git. */
export const KEPT = join(ROOT, '.taxikine');
/** Letters that the simulated outbox took, a file each. */
export const OUTBOX = join(KEPT, 'outbox');
export const WEB_DIST = join(ROOT, 'app', 'dist');

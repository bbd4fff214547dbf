import { copyFileSync } from 'node:fs';
import { join } from 'node:path';
import { exportWeb } from './exportWeb.mjs';
import { compressed } from './parts/compressed.mjs';
import { KEPT, ROOT } from './paths.mjs';

/** Pages that our server knows; the floor has one. */
const PAGES = ['door.html', 'today.html', 'home.html'];

/**
 * Builds the least that any app made of our parts weighs, with our versions and our compression.
 *
 * @returns the folder it is served from
 */
export async function needFloor() {
  const dist = join(KEPT, 'floor');
  await exportWeb(join(ROOT, 'e2e', 'floor'), dist);
  for (const page of PAGES) copyFileSync(join(dist, 'index.html'), join(dist, page));
  await compressed(dist);
  return dist;
}

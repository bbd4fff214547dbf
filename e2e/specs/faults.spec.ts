import { rmSync } from 'node:fs';
import { needNginx, needPostgres } from '../../scripts/lib/debian.mjs';
import { scratchFolder } from '../../scripts/lib/scratch.mjs';
import { FAULTS } from '../faults/FAULTS';
import { runFaults } from '../faults/runFaults';
import { expect, test } from '../world';

/** What `npm run faults` does for many minutes, each fault once or twice. */
test('what was acknowledged is there, once and as it was, whatever is killed meanwhile', async () => {
  const home = scratchFolder('faults');
  try {
    const programs = { postgres: await needPostgres(), nginx: await needNginx() };
    const { struck, acknowledged, lost, doubled, wrong, letters, said } = await runFaults(
      programs,
      home,
      {
        faults: 16,
        writes: 60,
        devices: 5,
        seed: 4,
        everyMs: { house: 400, database: 400 },
        withinMs: 240_000,
        lettersWithinMs: 10_000,
      },
    );
    expect([...struck.keys()].sort()).toEqual(FAULTS.map(({ name }) => name).sort());
    expect(acknowledged).toBeGreaterThanOrEqual(60);
    expect({ lost, doubled, wrong, said }).toEqual({ lost: 0, doubled: 0, wrong: 0, said: [] });
    expect(letters.sent + letters.waiting).toBe(letters.asked);
  } finally {
    rmSync(home, { recursive: true, force: true });
  }
});

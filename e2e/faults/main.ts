import { rmSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { scratchFolder } from '../../scripts/lib/scratch.mjs';
import { runFaults, type Outcome } from './runFaults';

const text = { type: 'string' } as const;
const { values } = parseArgs({ options: { faults: text, devices: text, seed: text } });
const enough = new AbortController();
for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => enough.abort());
const wanted = {
  enough: enough.signal,
  faults: Number(values.faults ?? 500),
  writes: 0,
  devices: Number(values.devices ?? 20),
  seed: Number(values.seed ?? 1),
  everyMs: { house: 700, database: 8000 },
  withinMs: 1_800_000,
  lettersWithinMs: 120_000,
  say: (words: string) => console.log(`  ${words} …`),
};

/** The table as `docs/operating.md` has it. */
function told({
  struck,
  acknowledged,
  turnedAway,
  worstMs,
  worst,
  seconds,
  ...counted
}: Outcome): string {
  const rows = [...struck].sort(([, a], [, b]) => b.times - a.times);
  const { lost, doubled, wrong, letters, said } = counted;
  return [
    '| fault | times | back after, at most |\n| --- | --- | --- |',
    ...rows.map(
      ([name, { times, longestMs }]) =>
        `| ${name} | ${times} | ${(longestMs / 1000).toFixed(1)} s |`,
    ),
    '',
    `${rows.reduce((sum, [, { times }]) => sum + times, 0)} faults in ${seconds.toFixed(0)} s, ${wanted.devices} devices, seed ${wanted.seed}`,
    `acknowledged ${acknowledged}, asked again ${turnedAway}; letters asked ${letters.asked}, sent ${letters.sent}, waiting to be tried again ${letters.waiting}`,
    `lost ${lost}, doubled ${doubled}, wrong ${wrong}; worst pause ${(worstMs / 1000).toFixed(1)} s`,
    `meanwhile: ${worst}`,
    ...said,
  ].join('\n');
}

const home = scratchFolder('faults');
const programs = { postgres: process.env.POSTGRES_PROGRAMS!, nginx: process.env.NGINX_PROGRAM! };
try {
  const outcome = await runFaults(programs, home, wanted);
  console.log(told(outcome));
  const { lost, doubled, wrong, worstMs } = outcome;
  if (lost + doubled + wrong > 0 || worstMs > 15_000) process.exitCode = 1;
} finally {
  rmSync(home, { recursive: true, force: true });
}

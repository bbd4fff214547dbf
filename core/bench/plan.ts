import { APPROACHES, DRILLS, planSession, type PlannedCause } from '../src';
import { oneCause } from '../src/knowledge/causes';
import type { Network } from '../src/inference/trace/inference/network';
import { posteriors } from '../src/inference/trace/inference/posteriors';
import { trialIn } from './calibration/run';

/** How long a session takes to choose from the whole library. Prints a table of docs/performance.md. */
const CLIENTS = 300;
const FRAME_MS = 1000 / 60;

function causesOf(network: Network): PlannedCause[] {
  const p = posteriors(network);
  return network.nodes
    .map(({ key, cause, side }, i): PlannedCause => {
      const { kind, sentence } = oneCause(cause);
      return { key, cause, side, kind, sentence, p: p[i] };
    })
    .sort((a, b) => b.p - a.p || a.key.localeCompare(b.key));
}

/** Simulated clients, after the look alone and with all checks done. */
const traced = Array.from({ length: CLIENTS }, (_, i) => trialIn('network', 1, i)).flatMap(
  (trial) => (trial ? [causesOf(trial.looked), causesOf(trial.checked)] : []),
);
const likely = traced.map((causes) => causes.filter(({ p }) => p >= 0.3).length);

const quantile = (sorted: readonly number[], q: number) => sorted[Math.ceil(q * sorted.length) - 1];

console.log(
  `${DRILLS.length} drills, eight approaches, ${traced.length} traces of simulated clients with ` +
    `${Math.min(...likely)} to ${Math.max(...likely)} likely causes`,
);
console.log('minutes   median ms   95 %   99 %   most   over a frame');
// Once unmeasured: what is measured is a page that has been open for a while.
for (const minutes of [12, 8, 12, 15, 20, 30]) {
  const times = traced
    .flatMap((causes) =>
      APPROACHES.map(({ id }) => {
        const began = performance.now();
        planSession(
          { causes },
          { pattern: 'squat', minutes, flags: [], next: 'rest', approach: id },
        );
        return performance.now() - began;
      }),
    )
    .sort((a, b) => a - b);
  const [half, most95, most99, most] = [0.5, 0.95, 0.99, 1].map((q) =>
    quantile(times, q).toFixed(1),
  );
  const over = times.filter((ms) => ms > FRAME_MS).length;
  console.log(
    `${minutes}   ${half}   ${most95}   ${most99}   ${most}   ${over} of ${times.length}`,
  );
}

import {
  CHECKS,
  FAULTS,
  nextChecks,
  PROBES,
  seeded,
  trace,
  USUAL_SETUP,
  type CaseFile,
  type CheckId,
  type CheckRow,
  type FaultRow,
  type MaybeSide,
} from '../src';
import { prepared } from '../src/inference/trace/inference/evidence';
import { posteriors } from '../src/inference/trace/inference/posteriors';
import { networkOf } from '../src/inference/trace/networkOf';

/** How long a trace takes, from a few findings to everything there is. Prints a table of docs/performance.md. */
const ROUNDS = 15;

const sidesOf = (sided: boolean): readonly MaybeSide[] => (sided ? ['left', 'right'] : [null]);

function shuffled<T>(list: readonly T[], seed: number): T[] {
  const random = seeded(seed);
  return list
    .map((one) => ({ one, at: random() }))
    .sort((a, b) => a.at - b.at)
    .map(({ one }) => one);
}

const ALL_FAULTS = shuffled(
  (FAULTS as readonly FaultRow[]).flatMap(({ id, sided }) =>
    sidesOf(sided !== 'none').map((side) => ({ fault: id as never, side })),
  ),
  1,
);
const ALL_CHECKS = (CHECKS as readonly CheckRow[]).flatMap((row) =>
  sidesOf(row.sided).map((side) => ({
    check: row.id as CheckId,
    side,
    felt: row.felt[0],
    ...(row.type === 'range'
      ? { passive: 0.6 * row.norm.restricted[0] + 0.4 * row.norm.usual[0] }
      : { result: row.results[1] }),
  })),
);

const caseOf = (faults: number, checks: number, probes: number): CaseFile => ({
  client: { heightM: 1.75, massKg: 75, flags: [], refer: [], history: [], given: [] },
  look: {
    pattern: 'squat',
    setup: USUAL_SETUP,
    faults: ALL_FAULTS.slice(0, faults).map((one) => ({ ...one, phase: 'bottom', grade: 'plain' })),
    clear: [],
    pain: [],
  },
  probes: PROBES.slice(0, probes).map(({ id }) => ({
    probe: id,
    outcome: 'better',
    ...ALL_FAULTS[0],
  })),
  checks: ALL_CHECKS.slice(0, checks),
});

function median(run: () => unknown): string {
  run();
  const times = Array.from({ length: ROUNDS }, () => {
    const start = performance.now();
    run();
    return performance.now() - start;
  });
  return `${times.sort((a, b) => a - b)[Math.floor(ROUNDS / 2)].toFixed(1)} ms`;
}

console.log(
  'faults, checks, probes: findings, of several causes, widest; posterior, trace, what next',
);
for (const [faults, checks, probes] of [
  [3, 4, 2],
  [14, 0, 0],
  [8, 20, 4],
  [14, ALL_CHECKS.length, 6],
  [ALL_FAULTS.length, ALL_CHECKS.length, PROBES.length],
]) {
  const file = caseOf(faults, checks, probes);
  const network = networkOf(file);
  const { coupled, schedule } = prepared(network);
  console.log(
    `${faults}, ${checks}, ${probes}: ${network.findings.length}, ${coupled.length}, ${schedule.width}; ` +
      [() => posteriors(network), () => trace(file), () => nextChecks(file)].map(median).join(', '),
  );
}

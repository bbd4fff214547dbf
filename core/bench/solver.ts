import { cpus } from 'node:os';
import { nelderMead } from 'fmin/index.js';
import { attribute, bodyOf, degOfRad, radOfDeg, type AttributionInput } from '../src';
import { deepest } from '../src/body/solver/deepest';
import { effortOf } from '../src/body/solver/effort';
import type { PostureProblem } from '../src/body/solver/problem';
import { settle, settleTask } from '../src/body/solver/settle';
import { startOf } from '../src/body/solver/start';
import { stateOf, type PostureState } from '../src/body/solver/state';
import { problemFor, randomBody, ranges, seeded, SETUP, within } from '../tests/randomBodies';

/**
 * The solver against a straightforward use of a general optimiser: Nelder–Mead from npm (fmin) on
 * the same effort, balance, depth and limits as squared penalties, from the same first guess.
 */
const BODIES = Number(process.argv[2] ?? 1000);
const PENALTY = 1e6;
const VARIABLES = 10;
const ATTRIBUTIONS = 100;

// fmin assigns a loop variable it never declares; in strict mode that needs a global of the name.
(globalThis as { i?: number }).i = 0;

interface Case {
  readonly problem: PostureProblem;
  readonly thighRad: number;
}

function casesOf(count: number): Case[] {
  const random = seeded(3);
  const cases: Case[] = [];
  while (cases.length < count) {
    const body = randomBody(random);
    const side = (stiffer: number) =>
      ranges(within(random, 30, 46) - stiffer, within(random, 105, 135));
    const problem = problemFor(body, { left: side(0), right: side(within(random, 0, 10)) });
    const thighRad = radOfDeg(within(random, 5, 45));
    if (settle(problem, { thighRad }).status === 'settled') cases.push({ problem, thighRad });
  }
  return cases;
}

/** Effort with everything that must hold as a penalty. */
function penalised({ problem, thighRad }: Case) {
  const { equalities, conditions } = settleTask(problem, { thighRad });
  return (x: readonly number[]): number => {
    const state = stateOf(problem, [...x, 0, 0]);
    if (!(state.legs.left.stretch < 1 && state.legs.right.stretch < 1)) return 1e6;
    let sum = effortOf(problem, state);
    for (const { value } of equalities) sum += PENALTY * value(state) ** 2;
    for (const { slack } of conditions) sum += PENALTY * Math.min(0, slack(state)) ** 2;
    return sum;
  };
}

const timed = <T>(run: () => T): [T, number] => {
  const started = performance.now();
  const value = run();
  return [value, performance.now() - started];
};

interface Totals {
  ownMs: number;
  otherMs: number;
  evaluations: number;
  worst: number;
  otherWorse: number;
}

const OPTIONS = { maxIterations: 20_000, minErrorDelta: 1e-9, minTolerance: 1e-7 };

function settled({ problem, thighRad }: Case): PostureState {
  const answer = settle(problem, { thighRad });
  if (answer.status !== 'settled') throw new Error('a case that settled before does not now');
  return answer.state;
}

/** So many bodies by one solver, then by the other: neither runs in the other's litter. */
const BLOCK = 50;

function compareBlock(cases: readonly Case[], totals: Totals): void {
  const objectives = cases.map(penalised);
  const starts = cases.map((one) => startOf(one.problem, one.thighRad).slice(0, VARIABLES));
  const [states, ownMs] = timed(() => cases.map(settled));
  const [found, otherMs] = timed(() =>
    objectives.map((objective, i) => {
      const counted = (x: readonly number[]) => {
        totals.evaluations += 1;
        return objective(x);
      };
      return nelderMead(counted, starts[i], OPTIONS).fx;
    }),
  );
  totals.ownMs += ownMs;
  totals.otherMs += otherMs;
  states.forEach(({ q }, i) => {
    const mine = objectives[i](q.slice(0, VARIABLES));
    totals.worst = Math.max(totals.worst, mine / found[i] - 1);
    if (found[i] > mine * 1.001) totals.otherWorse += 1;
  });
}

const emptyTotals = (): Totals => ({
  ownMs: 0,
  otherMs: 0,
  evaluations: 0,
  worst: -Infinity,
  otherWorse: 0,
});

function compare(cases: readonly Case[]): Totals {
  const totals = emptyTotals();
  for (let i = 0; i < cases.length; i += BLOCK) compareBlock(cases.slice(i, i + BLOCK), totals);
  const count = cases.length;
  return {
    ...totals,
    ownMs: totals.ownMs / count,
    otherMs: totals.otherMs / count,
    evaluations: totals.evaluations / count,
  };
}

/** A lopsided body in a narrow stance: all seven parts at play, 2⁷ deepest postures. */
function attributionInput(random: () => number): AttributionInput {
  const side = () =>
    ranges(within(random, 26, 38), within(random, 96, 118), within(random, 130, 138));
  return {
    pattern: 'squat',
    body: randomBody(random),
    setup: { ...SETUP, stanceCm: within(random, 26, 34) },
    limits: { left: side(), right: side() },
    seenDeg: 30,
  };
}

/** Attributions and Nelder–Mead solves, each in turn in small blocks: both meet the same machine. */
function attribution(cases: readonly Case[]) {
  const random = seeded(5);
  const inputs = Array.from({ length: ATTRIBUTIONS }, () => attributionInput(random));
  inputs.forEach((input) => attribute(input));
  let [ms, otherMs] = [0, 0];
  for (let i = 0; i < inputs.length; i += 5) {
    ms += timed(() => inputs.slice(i, i + 5).forEach((input) => attribute(input)))[1];
    const block = cases.slice(i % cases.length, (i % cases.length) + 5).map((one) => ({
      objective: penalised(one),
      start: startOf(one.problem, one.thighRad).slice(0, VARIABLES),
    }));
    const solve = () =>
      block.forEach(({ objective, start }) => nelderMead(objective, start, OPTIONS));
    otherMs += (timed(solve)[1] * 5) / block.length;
  }
  return { ms: ms / inputs.length, otherMs: otherMs / inputs.length };
}

/** A slider: the same body, one range a quarter of a degree further each time, from the last posture. */
function slider() {
  const body = bodyOf(1.75, 75);
  const solve = (step: number, from?: readonly number[]) => {
    const problem = problemFor(body, { left: ranges(40), right: ranges(26 + step / 4) });
    const answer = settle(problem, { thighRad: radOfDeg(20) }, from);
    if (answer.status !== 'settled') throw new Error(`not settled at ${degOfRad(step)}`);
    return answer.state.q;
  };
  let q: readonly number[] = solve(0);
  const [, ms] = timed(() => {
    for (let step = 1; step <= 56; step++) q = solve(step, q);
  });
  return ms / 56;
}

/** Nelder–Mead calls its objective thousands of times a solve, so it is warm at once; `settle` not. */
function warmUp(cases: readonly Case[]): void {
  for (let solves = 0; solves < 5000; solves++) settled(cases[solves % cases.length]);
  cases.slice(0, 20).forEach((one) => compareBlock([one], emptyTotals()));
}

function main(): void {
  const cases = casesOf(BODIES);
  warmUp(cases);
  const settles = compare(cases);
  const [, deepMs] = timed(() => cases.forEach(({ problem }) => deepest(problem)));
  const shares = attribution(cases);
  const lines = [
    `machine: ${cpus().length} × ${cpus()[0].model}, Node ${process.version}`,
    `bodies: ${BODIES}, seed 3, ranges different left and right`,
    `settle: ${settles.ownMs.toFixed(3)} ms each, ${(1000 / settles.ownMs).toFixed(0)} a second`,
    `Nelder–Mead (fmin): ${settles.otherMs.toFixed(2)} ms each, ${settles.evaluations.toFixed(0)} evaluations`,
    `ratio: ${(settles.otherMs / settles.ownMs).toFixed(0)}`,
    `settle's objective worse by at most ${(100 * settles.worst).toFixed(4)} %; Nelder–Mead's worse by more than 0.1 % in ${settles.otherWorse}`,
    `deepest: ${(deepMs / BODIES).toFixed(3)} ms each`,
    `attribution, 7 parts, 128 depths, ${ATTRIBUTIONS} bodies: ${shares.ms.toFixed(1)} ms, ${(shares.ms / shares.otherMs).toFixed(2)} of one Nelder–Mead solve`,
    `slider step, warm: ${slider().toFixed(3)} ms`,
  ];
  console.log(lines.join('\n'));
}

main();

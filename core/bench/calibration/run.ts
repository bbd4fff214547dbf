import { makeClient } from './client';
import { askUntilSure, bestFirst, fixedOrder, randomOrder, type Asking } from './policies';
import { squatOf } from './posture';
import { brier, expectedCalibrationError, hits, reliability, type Bin, type Stated } from './score';
import { randomOf, statedBy, trialOf, type Trial } from './trial';

export type World = 'network' | 'posture';

/** How well stated probabilities hold in simulated clients. */
export interface Calibration {
  /** Clients in whom a fault showed, of all that were made. */
  readonly clients: number;
  readonly made: number;
  /** Over causes that can explain what was seen, after the look and after every check and probe. */
  readonly afterLook: Scored;
  readonly afterChecks: Scored;
  readonly curve: readonly Bin[];
}

interface Scored {
  readonly error: number;
  /** The same over every cause there is. */
  readonly errorOfAll: number;
  readonly brier: number;
  /** The same over every cause there is: what different tables of links can be compared by. */
  readonly brierOfAll: number;
  /** A cause that is truly there is the most probable one, or one of two, where there is one. */
  readonly top1: number;
  readonly top2: number;
}

interface Pile {
  readonly asked: Stated[];
  readonly all: Stated[];
  first: number;
  two: number;
  withCause: number;
}

const pile = (): Pile => ({ asked: [], all: [], first: 0, two: 0, withCause: 0 });

function add(to: Pile, { all, asked }: { all: Stated[]; asked: Stated[] }): void {
  for (const one of all) to.all.push(one);
  for (const one of asked) to.asked.push(one);
  if (!asked.some(({ present }) => present)) return;
  to.withCause++;
  to.first += Number(hits(asked, 1));
  to.two += Number(hits(asked, 2));
}

const scored = ({ asked, all, first, two, withCause }: Pile): Scored => ({
  error: expectedCalibrationError(asked),
  errorOfAll: expectedCalibrationError(all),
  brier: brier(asked),
  brierOfAll: brier(all),
  top1: first / withCause,
  top2: two / withCause,
});

/** One client of a world, by its number; null when no fault shows in it. */
export function trialIn(world: World, seed: number, client: number): Trial | null {
  const random = randomOf(seed, client);
  if (world === 'network') return trialOf(makeClient(random), random);
  const made = makeClient(random, 'squat');
  const squatted = squatOf(made, random);
  return squatted ? trialOf(made, random, squatted) : null;
}

/** Traces so many simulated clients, and holds what was stated against what was so. */
export function calibrate(world: World, made: number, seed: number): Calibration {
  const [look, checks] = [pile(), pile()];
  let clients = 0;
  for (let client = 0; client < made; client++) {
    const trial = trialIn(world, seed, client);
    if (!trial) continue;
    clients++;
    add(look, statedBy(trial.looked, trial));
    add(checks, statedBy(trial.checked, trial));
  }
  return {
    clients,
    made,
    afterLook: scored(look),
    afterChecks: scored(checks),
    curve: reliability(checks.asked),
  };
}

const POLICIES = ['best first', 'fixed order', 'random order'] as const;

/** Mean number of checks and probes until a cause is sure, and minutes; over all, and where all got sure. */
export interface Asked {
  readonly policy: (typeof POLICIES)[number];
  readonly asked: number;
  readonly minutes: number;
  readonly askedWhereSure: number;
  readonly sure: number;
}

const mean = (values: readonly number[]): number =>
  values.reduce((sum, one) => sum + one, 0) / values.length;

/** How many checks and probes three ways of asking need, on the same clients with the same answers. */
export function compareAsking(made: number, seed: number): Asked[] {
  const rows: Asking[][] = [];
  for (let client = 0; client < made; client++) {
    const trial = trialIn('network', seed, client);
    if (!trial) continue;
    const random = randomOf(seed + 1, client);
    rows.push(
      [bestFirst(trial.faults), fixedOrder, randomOrder(random)].map((policy) =>
        askUntilSure(trial.looked, trial.candidates, trial.answers, policy),
      ),
    );
  }
  const sure = rows.filter((row) => row.every((one) => one.sure));
  return POLICIES.map((policy, i) => ({
    policy,
    asked: mean(rows.map((row) => row[i].asked)),
    minutes: mean(rows.map((row) => row[i].minutes)),
    askedWhereSure: mean(sure.map((row) => row[i].asked)),
    sure: mean(rows.map((row) => Number(row[i].sure))),
  }));
}

import { degOfRad, radOfDeg } from '../src';
import { deepest } from '../src/body/solver/deepest';
import { patternDepth } from '../src/body/solver/depth';
import { descend, type Task } from '../src/body/solver/descend';
import { lowestTask } from '../src/body/solver/lowest';
import type { PostureProblem } from '../src/body/solver/problem';
import { settle, settleTask } from '../src/body/solver/settle';
import { isMirrored, squareBound } from '../src/body/solver/square';
import { hangingSide, isSideBySide } from '../src/body/solver/stance';
import { stateOf, type PostureState } from '../src/body/solver/state';
import { lowestFreeOf, SWIVEL, zeroRow, type Row } from '../src/body/solver/variables';
import { seeded, within } from '../src/foundation/numeric/random';
import { problemOfInput, randomInput, STANDINGS } from './randomInput';
import { differentialEvolution } from './evolution';

/**
 * What the solver's searches miss, by differential evolution (R. Storn, K. Price 1997) over all free
 * variables: the best of a population are followed down to the bottoms of their valleys, and held against what
 * `deepest` and `settle` say. Deepest at most half a degree short, settle at most 0.1 % above.
 */
const BODIES = Number(process.argv[2] ?? 200);
const SEED = Number(process.argv[3] ?? 20);
const SHORT_DEG = 0.5;
const ABOVE = 0.001;

/** Between which each variable is looked for: as in `variables.ts`, metres and radians. */
const LEAST: Readonly<Row> = [
  -0.6, -0.15, 0.1, -0.27, -0.15, -0.2, -0.18, -0.3, -0.7, -0.7, 0, -0.25,
];
const MOST: Readonly<Row> = [0.3, 0.15, 1.3, 0.27, 0.15, 1.6, 0.18, 0.6, 0.7, 0.7, 1.4, 0.25];

/** So many of the best are followed to the bottom of their valleys. */
const FOLLOWED = 12;

/** The thigh of a leg in the air, ahead of the pelvis. */
const MOST_HANGING = 2;

/** What a posture fails to keep, summed: radians, metres and shares. */
function violation({ equalities, conditions }: Task, state: PostureState): number {
  const { left, right } = state.legs;
  // Beyond a straight leg nothing is worked out but how far beyond it is.
  const beyond = Math.max(left.stretch, right.stretch);
  if (!(beyond < 1)) return 1e3 * beyond;
  let sum = 0;
  for (const { value } of equalities) sum += Math.abs(value(state));
  for (const { slack } of conditions) sum += Math.max(0, -slack(state));
  // Far behind feet that are turned out no share of the weight is defined.
  return Number.isNaN(sum) ? 1e3 : sum;
}

/** The lowest that the best of evolution lead to; null where it finds nothing that holds. */
function evolved(task: Task, random: () => number): PostureState | null {
  const hanging = hangingSide(task.problem.stance);
  const hip = hanging && SWIVEL[hanging];
  const at = (x: readonly number[]): PostureState => {
    const q = zeroRow();
    task.free.forEach((variable, i) => {
      q[variable] = x[i];
    });
    return stateOf(task.problem, q);
  };
  const best = differentialEvolution(
    {
      least: task.free.map((variable) => (variable === hip ? 0 : LEAST[variable])),
      most: task.free.map((variable) => (variable === hip ? MOST_HANGING : MOST[variable])),
      judge: (x) => {
        const state = at(x);
        const off = violation(task, state);
        return off > 1e-3 ? { off, value: 0 } : { off: 0, value: task.goal.value(state) };
      },
    },
    random,
  );
  const found = best.slice(0, FOLLOWED).flatMap((x) => {
    const { status, state } = descend(task, at(x).q);
    return status === 'found' ? [state] : [];
  });
  const { value } = task.goal;
  return found.reduce<PostureState | null>(
    (low, state) => (low && value(low) <= value(state) ? low : state),
    null,
  );
}

interface Tally {
  tried: number;
  found: number;
  over: number;
  worst: number;
}
const emptyTally = (): Tally => ({ tried: 0, found: 0, over: 0, worst: -Infinity });

function count(tally: Tally, by: number | null, most: number): void {
  tally.tried += 1;
  if (by === null) return;
  tally.found += 1;
  tally.worst = Math.max(tally.worst, by);
  if (by > most) tally.over += 1;
}

/** How far `deepest` stops short of what evolution reaches, in degrees; null where evolution reaches nothing. */
function shortDeg(problem: PostureProblem, random: () => number): number | null {
  const answer = deepest(problem);
  const state = evolved(lowestTask(problem, lowestFreeOf(problem.stance)), random);
  if (!state) return null;
  if (answer.status !== 'reached') return 180;
  const free = patternDepth(problem).value(state);
  // Twisting takes nobody below the square body that is as good as the better side.
  const isBounded = isSideBySide(problem.stance) && isMirrored(problem) === false;
  const depth = isBounded ? Math.max(free, squareBound(problem).depthRad) : free;
  return degOfRad(answer.depthRad - depth);
}

/** By which share `settle` is above what evolution finds at the same depth. */
function aboveBy(problem: PostureProblem, random: () => number): number | null {
  const low = deepest(problem);
  if (low.status !== 'reached') return null;
  const isHinge = problem.stance.pattern === 'hinge';
  const higher = low.depthRad + radOfDeg(within(random, 3, 40));
  const aim = isHinge ? { leanRad: Math.max(0.2, -higher) } : { thighRad: Math.min(1.2, higher) };
  const task = settleTask(problem, aim);
  const answer = settle(problem, aim);
  const state = evolved(task, random);
  if (!state) return null;
  if (answer.status !== 'settled') return 1;
  return task.goal.value(answer.state) / task.goal.value(state) - 1;
}

const show = (name: string, { tried, found, over, worst }: Tally, unit: string, k: number) =>
  console.log(
    `${name}: evolution found a posture in ${found} of ${tried}; worst ${(worst * k).toFixed(3)} ${unit}; over the aim in ${over}`,
  );

for (const standing of STANDINGS) {
  const random = seeded(SEED);
  const [short, above] = [emptyTally(), emptyTally()];
  for (let i = 0; i < BODIES; i++) {
    const problem = problemOfInput(randomInput(random, standing));
    const deg = shortDeg(problem, random);
    const share = aboveBy(problem, random);
    if (deg !== null && deg > SHORT_DEG) console.log(`  body ${i}: ${deg.toFixed(2)}° short`);
    if (share !== null && share > ABOVE)
      console.log(`  body ${i}: ${(100 * share).toFixed(2)} % above`);
    count(short, deg, SHORT_DEG);
    count(above, share, ABOVE);
  }
  show(`${standing.name}, deepest`, short, '° short', 1);
  show(`${standing.name}, settle`, above, '% above', 100);
}

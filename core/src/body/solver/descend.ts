import type { Condition } from './condition';
import type { PostureProblem } from './problem';
import { QuadraticSteps, type QuadraticStep } from './quadraticSteps';
import { slopesOf, type PostureSlopes } from './slopes';
import { stateOf, type PostureState } from './state';
import { STEP, type Row } from './variables';

/** Something that must be exactly zero. */
export interface Equality {
  readonly value: (state: PostureState) => number;
  readonly row: (state: PostureState, slopes: PostureSlopes) => Row;
}

/** A positive curvature, by pairs of variables. */
export type Curvature = (i: number, j: number) => number;

/** What is made least. */
export interface Goal {
  readonly value: (state: PostureState) => number;
  readonly gradient: (state: PostureState, slopes: PostureSlopes) => Readonly<Row>;
  /** Asked for at the start, and again where what was learned since misleads. */
  readonly curvature: (state: PostureState, slopes: PostureSlopes) => Curvature;
  /** Learn the rest of the curvature from step to step. */
  readonly secant: boolean;
}

export interface Task {
  readonly problem: PostureProblem;
  readonly free: readonly number[];
  readonly goal: Goal;
  readonly equalities: readonly Equality[];
  readonly conditions: readonly Condition[];
}

export interface Descent {
  readonly status: 'found' | 'stuck';
  readonly state: PostureState;
  readonly rounds: number;
}

const ROUNDS = 80;
/** A step below this, in units of `STEP`, has arrived. */
const ARRIVED = 1e-8;
/** After one below this the next would have arrived: steps shrink faster and faster. */
const LAST = 1e-5;
const HELD = 1e-9;
/** With so much left (radians, metres or a share) a condition is not looked at until it comes nearer. */
const FAR = 0.7;
/** How many postures a step may be compared with. */
const MEMORY = 5;

/** A posture on the way down: how good it is, and everything to first order. */
interface Place {
  readonly state: PostureState;
  readonly goal: number;
  /** Equalities missed and limits exceeded, summed. */
  readonly violation: number;
  /** What the step must make up: equalities first, then conditions. */
  readonly least: readonly number[];
}

interface Local {
  readonly slopes: PostureSlopes;
  readonly gradient: readonly number[];
  readonly normals: readonly (readonly number[])[];
}

function placeOf({ goal, equalities, conditions }: Task, state: PostureState): Place {
  const least: number[] = [];
  let violation = 0;
  for (const { value } of equalities) {
    const off = value(state);
    violation += Math.abs(off);
    least.push(-off);
  }
  for (const { slack } of conditions) {
    const left = slack(state);
    if (left < 0) violation -= left;
    least.push(-left);
  }
  return { state, goal: goal.value(state), violation, least };
}

function localOf(
  { problem, goal, equalities, conditions, free }: Task,
  { state, least }: Place,
): Local {
  const slopes = slopesOf(problem, state);
  const normals: Readonly<Row>[] = [];
  for (const { row } of equalities) normals.push(pick(free, row(state, slopes)));
  const nothing = free.map(() => 0);
  conditions.forEach(({ row }, i) => {
    const isFar = least[equalities.length + i] < -FAR;
    normals.push(isFar ? nothing : pick(free, row(state, slopes)));
  });
  return { slopes, gradient: pick(free, goal.gradient(state, slopes)), normals };
}

/** The free part of a row; the row itself where the free variables come first in it. */
function pick(free: readonly number[], row: Readonly<Row>): Readonly<Row> {
  if (free[free.length - 1] === free.length - 1) return row;
  const out: number[] = [];
  for (let i = 0; i < free.length; i++) out.push(row[free[i]]);
  return out;
}

/** A search under way: where it is and what it has learned. */
interface Walk {
  place: Place;
  local: Local;
  /** Curvature learned from steps; none at first and after it has misled. */
  secant: number[] | null;
  penalty: number;
  readonly quadratic: QuadraticSteps;
  readonly recent: Place[];
  /** How many steps went only part of the way to where the limits hold. */
  partly: number;
}

/** One for each number of variables: searches never overlap, and making its space takes a while. */
const quadratics = new Map<number, QuadraticSteps>();

function quadraticOf(size: number): QuadraticSteps {
  const quadratic = quadratics.get(size) ?? new QuadraticSteps(size);
  quadratics.set(size, quadratic);
  quadratic.forget();
  return quadratic;
}

/**
 * Steps down to the least of a goal within conditions: at each posture the analytic derivatives
 * give a quadratic step that keeps every condition to first order (Wilson–Han–Powell), shortened
 * until goal and violations together are less.
 */
export function descend(task: Task, start: Readonly<Row>): Descent {
  const place = placeOf(task, stateOf(task.problem, start));
  const local = localOf(task, place);
  const recent = [place];
  const quadratic = quadraticOf(task.free.length);
  const walk: Walk = { place, local, secant: null, penalty: 1, quadratic, recent, partly: 0 };
  for (let rounds = 1; rounds <= ROUNDS; rounds++) {
    const status = advance(task, walk);
    if (status !== 'under way') return { status, state: walk.place.state, rounds };
  }
  return { status: 'stuck', state: walk.place.state, rounds: ROUNDS };
}

function advance(task: Task, walk: Walk): Descent['status'] | 'under way' {
  const { place, local } = walk;
  const hessian = walk.secant ?? curvatureOf(task, place, local);
  const answer = steppedFrom(task, walk, hessian);
  if (answer.status === 'contradiction') return 'stuck';
  const { step, multipliers } = answer;
  const size = sizeOf(task, step);
  if (size < ARRIVED && place.violation < HELD) return 'found';
  for (const weight of multipliers) walk.penalty = Math.max(walk.penalty, 1.5 * Math.abs(weight));
  const next = shortened(task, walk, step, size);
  if (!next && walk.secant) {
    // What was learned of the curvature misleads here: forget it and step again.
    walk.secant = null;
    return 'under way';
  }
  if (!next) return place.violation < HELD && size < 1e-5 ? 'found' : 'stuck';
  moveTo(walk, next);
  if (size < LAST && next.violation < HELD) return 'found';
  walk.local = localOf(task, next);
  if (task.goal.secant)
    walk.secant = learned(hessian, moveOf(task, place, next), change(local, walk, multipliers));
  return 'under way';
}

function moveTo(walk: Walk, next: Place): void {
  walk.place = next;
  walk.recent.unshift(next);
  if (walk.recent.length > MEMORY) walk.recent.pop();
}

/** Far from every posture that holds, a step can make up only a part of what is missing. */
const PARTS_MADE_UP = [0.5, 0.2, 0.05];
/** After so many of those nothing holds. */
const MOST_PARTLY = 8;

/** The quadratic step; when all conditions contradict each other, one that goes part of the way. */
function steppedFrom(task: Task, walk: Walk, hessian: readonly number[]): QuadraticStep {
  const { place, local, quadratic } = walk;
  const equalities = task.equalities.length;
  const { gradient, normals } = local;
  const stepTo = (least: readonly number[]) =>
    quadratic.find(hessian, gradient, { normals, least, equalities });
  let answer = stepTo(place.least);
  if (answer.status === 'found' || walk.partly === MOST_PARTLY) return answer;
  walk.partly += 1;
  for (const part of PARTS_MADE_UP) {
    const wanted = place.least.map((m, i) => (i < equalities || m > 0 ? part * m : m));
    answer = stepTo(wanted);
    if (answer.status === 'found') break;
  }
  return answer;
}

/** The largest move of a step, in units of `STEP`. */
function sizeOf({ free }: Task, step: readonly number[]): number {
  let most = 0;
  for (let i = 0; i < free.length; i++) most = Math.max(most, Math.abs(step[i]) / STEP[free[i]]);
  return most;
}

/** The goal's own curvature among the free variables: flat, row by row. */
function curvatureOf({ free, goal }: Task, { state }: Place, { slopes }: Local): number[] {
  const curvature = goal.curvature(state, slopes);
  const flat: number[] = [];
  for (const a of free)
    for (const b of free) flat.push(curvature(a, b) + (a === b ? 1e-7 / (STEP[a] * STEP[a]) : 0));
  return flat;
}

/**
 * The step, halved until it leads to a posture better than the worst of the last few; null when
 * none does. Looking back a few steps (L. Grippo, F. Lampariello, S. Lucidi 1986) lets full steps
 * along curved limits through, which would otherwise be cut to nothing.
 */
function shortened(task: Task, walk: Walk, step: readonly number[], most: number): Place | null {
  const { place: from, recent, penalty } = walk;
  let before = -Infinity;
  for (const { goal, violation } of recent) before = Math.max(before, goal + penalty * violation);
  let size = most > 1 ? 1 / most : 1;
  for (let tries = 0; tries < 30; tries++) {
    const q = from.state.q.slice();
    for (let i = 0; i < step.length; i++) q[task.free[i]] += size * step[i];
    const state = stateOf(task.problem, q);
    if (inReach(state)) {
      const place = placeOf(task, state);
      if (place.goal + penalty * place.violation < before + 1e-13) return place;
    }
    size /= 2;
  }
  return null;
}

/** Beyond a straight leg the chain does not close and nothing computed there means anything. */
const inReach = ({ legs }: PostureState): boolean =>
  legs.left.stretch < 1 && legs.right.stretch < 1;

/** How far the free variables went. */
const moveOf = ({ free }: Task, from: Place, to: Place): number[] =>
  free.map((variable) => to.state.q[variable] - from.state.q[variable]);

/** Change of the goal's gradient less the weighted conditions' from one place to the next. */
function change(from: Local, { local: to }: Walk, multipliers: readonly number[]): number[] {
  const y = to.gradient.map((value, i) => value - from.gradient[i]);
  for (let k = 0; k < multipliers.length; k++) {
    const weight = multipliers[k];
    if (weight === 0) continue;
    for (let i = 0; i < y.length; i++) y[i] -= weight * (to.normals[k][i] - from.normals[k][i]);
  }
  return y;
}

/** Damped secant update of the curvature (M. J. D. Powell 1978), which keeps it positive. */
function learned(hessian: readonly number[], s: readonly number[], y: readonly number[]): number[] {
  const n = s.length;
  const hs: number[] = [];
  let [shs, sy] = [0, 0];
  for (let i = 0; i < n; i++) {
    let sum = 0;
    for (let j = 0; j < n; j++) sum += hessian[i * n + j] * s[j];
    hs.push(sum);
    shs += s[i] * sum;
    sy += s[i] * y[i];
  }
  if (shs < 1e-20) return [...hessian];
  const theta = sy >= 0.2 * shs ? 1 : (0.8 * shs) / (shs - sy);
  const r = hs.map((value, i) => theta * y[i] + (1 - theta) * value);
  const sr = theta * sy + (1 - theta) * shs;
  const next = hessian.slice();
  for (let i = 0; i < n; i++)
    for (let j = 0; j < n; j++) next[i * n + j] += (r[i] * r[j]) / sr - (hs[i] * hs[j]) / shs;
  return next;
}

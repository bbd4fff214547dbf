import type { Matrix } from './cholesky';
import type { Condition } from './conditions';
import type { PostureProblem } from './problem';
import { quadraticStep } from './quadraticStep';
import { slopesOf, type PostureSlopes } from './slopes';
import { stateOf, type PostureState } from './state';
import { STEP, type Row } from './variables';

/** Something that must be exactly zero. */
export interface Equality {
  readonly value: (state: PostureState) => number;
  readonly row: (state: PostureState, slopes: PostureSlopes) => Row;
}

/** What is made least: its value, its gradient and a positive curvature in the free variables. */
export interface Goal {
  readonly value: (state: PostureState) => number;
  readonly model: (state: PostureState, slopes: PostureSlopes) => GoalModel;
  /** Learn the rest of the curvature from step to step. */
  readonly secant: boolean;
}

export interface GoalModel {
  readonly gradient: Row;
  readonly curvature: (i: number, j: number) => number;
}

export interface Task {
  readonly problem: PostureProblem;
  readonly free: readonly number[];
  readonly goal: Goal;
  readonly equalities: readonly Equality[];
  readonly conditions: readonly Condition[];
}

export type Descent =
  | { readonly status: 'found'; readonly state: PostureState; readonly rounds: number }
  | { readonly status: 'stuck'; readonly state: PostureState; readonly rounds: number };

const ROUNDS = 80;
/** A step below this, in units of `STEP`, has arrived. */
const ARRIVED = 1e-8;
const HELD = 1e-9;
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
  readonly model: GoalModel;
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

function localOf({ problem, goal, equalities, conditions, free }: Task, { state }: Place): Local {
  const slopes = slopesOf(problem, state);
  const model = goal.model(state, slopes);
  const normals: number[][] = [];
  for (const { row } of equalities) normals.push(pick(free, row(state, slopes)));
  for (const { row } of conditions) normals.push(pick(free, row(state, slopes)));
  return { model, gradient: pick(free, model.gradient), normals };
}

function pick(free: readonly number[], row: Readonly<Row>): number[] {
  const out: number[] = [];
  for (let i = 0; i < free.length; i++) out.push(row[free[i]]);
  return out;
}

/**
 * Steps down to the least of a goal within conditions: at each posture the analytic derivatives
 * give a quadratic step that keeps every condition to first order (Wilson–Han–Powell), shortened
 * until goal and violations together are less.
 */
export function descend(task: Task, start: Readonly<Row>): Descent {
  let place = placeOf(task, stateOf(task.problem, start));
  let local = localOf(task, place);
  let penalty = 1;
  let secant: Matrix | null = null;
  const recent = [place];
  for (let rounds = 1; rounds <= ROUNDS; rounds++) {
    const hessian = secant ?? curvatureOf(task, local.model);
    const answer = quadraticStep(hessian, local.gradient, {
      normals: local.normals,
      least: place.least,
      equalities: task.equalities.length,
    });
    if (answer.status === 'contradiction') return { status: 'stuck', state: place.state, rounds };
    const { step, multipliers } = answer;
    if (sizeOf(task, step) < ARRIVED && place.violation < HELD)
      return { status: 'found', state: place.state, rounds };
    for (const weight of multipliers) penalty = Math.max(penalty, 1.5 * Math.abs(weight));
    const next = shortened(task, place, step, recent, penalty);
    if (!next && secant) {
      // What was learned of the curvature misleads here: forget it and step again.
      secant = null;
      continue;
    }
    if (!next) {
      const settled = place.violation < HELD && sizeOf(task, step) < 1e-5;
      return { status: settled ? 'found' : 'stuck', state: place.state, rounds };
    }
    const nextLocal = localOf(task, next);
    if (task.goal.secant)
      secant = learned(hessian, moveOf(task, place, next), change(local, nextLocal, multipliers));
    place = next;
    local = nextLocal;
    recent.unshift(place);
    if (recent.length > MEMORY) recent.pop();
  }
  return { status: 'stuck', state: place.state, rounds: ROUNDS };
}

/** The largest move of a step, in units of `STEP`. */
function sizeOf({ free }: Task, step: readonly number[]): number {
  let most = 0;
  for (let i = 0; i < free.length; i++) most = Math.max(most, Math.abs(step[i]) / STEP[free[i]]);
  return most;
}

function curvatureOf({ free }: Task, { curvature }: GoalModel): Matrix {
  return free.map((a, i) =>
    free.map((b, j) => curvature(a, b) + (i === j ? 1e-7 / (STEP[a] * STEP[a]) : 0)),
  );
}

/**
 * The step, halved until it leads to a posture better than the worst of the last few; null when
 * none does. Looking back a few steps (L. Grippo, F. Lampariello, S. Lucidi 1986) lets full steps
 * along curved limits through, which would otherwise be cut to nothing.
 */
function shortened(
  task: Task,
  from: Place,
  step: readonly number[],
  recent: readonly Place[],
  penalty: number,
): Place | null {
  let before = -Infinity;
  for (const { goal, violation } of recent) before = Math.max(before, goal + penalty * violation);
  const most = sizeOf(task, step);
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

const moveOf = ({ free }: Task, from: Place, to: Place): number[] =>
  free.map((variable) => to.state.q[variable] - from.state.q[variable]);

/** Change of the goal's gradient less the weighted conditions' from one place to the next. */
function change(from: Local, to: Local, multipliers: readonly number[]): number[] {
  const y = to.gradient.map((value, i) => value - from.gradient[i]);
  for (let k = 0; k < multipliers.length; k++) {
    const weight = multipliers[k];
    if (weight === 0) continue;
    for (let i = 0; i < y.length; i++) y[i] -= weight * (to.normals[k][i] - from.normals[k][i]);
  }
  return y;
}

/** Damped secant update of the curvature (M. J. D. Powell 1978), which keeps it positive. */
function learned(hessian: Matrix, s: readonly number[], y: readonly number[]): Matrix {
  const n = s.length;
  const hs = new Array<number>(n).fill(0);
  let [shs, sy] = [0, 0];
  for (let i = 0; i < n; i++) {
    for (let j = 0; j < n; j++) hs[i] += hessian[i][j] * s[j];
    shs += s[i] * hs[i];
    sy += s[i] * y[i];
  }
  if (shs < 1e-20) return hessian;
  const theta = sy >= 0.2 * shs ? 1 : (0.8 * shs) / (shs - sy);
  const r = y.map((value, i) => theta * value + (1 - theta) * hs[i]);
  const sr = theta * sy + (1 - theta) * shs;
  return hessian.map((row, i) =>
    row.map((value, j) => value - (hs[i] * hs[j]) / shs + (r[i] * r[j]) / sr),
  );
}

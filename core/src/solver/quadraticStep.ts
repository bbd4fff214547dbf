import { cholesky, choleskySolve, type Matrix } from './cholesky';

/** Linear conditions: the first `equalities` rows hold exactly, the others from below. */
export interface LinearConditions {
  readonly normals: readonly (readonly number[])[];
  readonly least: readonly number[];
  readonly equalities: number;
}

export type QuadraticStep =
  | { readonly status: 'found'; readonly step: number[]; readonly multipliers: number[] }
  /** No step meets all conditions together. */
  | { readonly status: 'contradiction' };

const TOLERANCE = 1e-11;
const MOST_ROUNDS = 120;

/** A condition that holds the step, with the inverse Hessian times its normal. */
interface Active {
  readonly index: number;
  readonly sign: 1 | -1;
  readonly normal: readonly number[];
  readonly lifted: readonly number[];
  weight: number;
}

function dot(a: readonly number[], b: readonly number[]): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += a[i] * b[i];
  return sum;
}

/**
 * The step that minimises ½·pᵀHp + gᵀp under linear conditions, H positive definite: the dual
 * active-set method of D. Goldfarb & A. Idnani, Mathematical Programming 27 (1983). It starts at
 * the free minimum and takes up one violated condition at a time, letting go of those that no
 * longer hold it.
 */
export function quadraticStep(
  hessian: Matrix,
  gradient: readonly number[],
  conditions: LinearConditions,
): QuadraticStep {
  const factor = cholesky(hessian);
  const step = choleskySolve(factor, gradient);
  for (let i = 0; i < step.length; i++) step[i] = -step[i];
  const active: Active[] = [];
  const taken = new Array<boolean>(conditions.least.length).fill(false);
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const next = mostViolated(conditions, step, taken);
    if (next === -1) return found(step, active, taken.length);
    if (!takeUp(next, factor, conditions, step, active, taken)) break;
  }
  return { status: 'contradiction' };
}

/** Equalities first, in order; then the inequality that is violated most. */
function mostViolated(
  { normals, least, equalities }: LinearConditions,
  step: readonly number[],
  taken: readonly boolean[],
): number {
  let worst = -1;
  let gap = TOLERANCE;
  for (let i = 0; i < least.length; i++) {
    if (taken[i]) continue;
    if (i < equalities) return i;
    const short = least[i] - dot(normals[i], step);
    if (short > gap) [worst, gap] = [i, short];
  }
  return worst;
}

/** Moves the step until condition `next` holds; false when it cannot. */
function takeUp(
  next: number,
  factor: Matrix,
  { normals, least, equalities }: LinearConditions,
  step: number[],
  active: Active[],
  taken: boolean[],
): boolean {
  const sign = next < equalities && dot(normals[next], step) > least[next] ? -1 : 1;
  const normal = sign === 1 ? normals[next] : normals[next].map((value) => -value);
  const lifted = choleskySolve(factor, normal);
  let weight = 0;
  for (;;) {
    const release = releases(active, normal);
    const direction = directionOf(active, lifted, release);
    const reach = dot(direction, normal);
    const full = reach > TOLERANCE ? (sign * least[next] - dot(normal, step)) / reach : Infinity;
    const drop = firstReleased(active, release, equalities);
    const until = drop === -1 ? Infinity : active[drop].weight / release[drop];
    const size = Math.min(full, until);
    if (size === Infinity) return false;
    if (full !== Infinity) for (let i = 0; i < step.length; i++) step[i] += size * direction[i];
    for (let i = 0; i < active.length; i++) active[i].weight -= size * release[i];
    weight += size;
    if (size === full) break;
    taken[active[drop].index] = false;
    active.splice(drop, 1);
  }
  active.push({ index: next, sign, normal, lifted, weight });
  taken[next] = true;
  return true;
}

/** How the weights of the active conditions fall per unit of the new one. */
function releases(active: readonly Active[], normal: readonly number[]): number[] {
  if (active.length === 0) return [];
  const gram = active.map((one) => active.map((other) => dot(one.normal, other.lifted)));
  return choleskySolve(
    cholesky(gram, 1e-18),
    active.map((one) => dot(one.lifted, normal)),
  );
}

/** How the step moves per unit of the new condition's weight. */
function directionOf(
  active: readonly Active[],
  lifted: readonly number[],
  release: readonly number[],
): number[] {
  const direction = lifted.slice();
  for (let k = 0; k < active.length; k++)
    for (let i = 0; i < direction.length; i++) direction[i] -= release[k] * active[k].lifted[i];
  return direction;
}

function firstReleased(
  active: readonly Active[],
  release: readonly number[],
  equalities: number,
): number {
  let drop = -1;
  let until = Infinity;
  for (let k = 0; k < active.length; k++) {
    if (active[k].index < equalities || release[k] <= TOLERANCE) continue;
    const at = active[k].weight / release[k];
    if (at < until) [drop, until] = [k, at];
  }
  return drop;
}

function found(step: number[], active: readonly Active[], count: number): QuadraticStep {
  const multipliers = new Array<number>(count).fill(0);
  for (const { index, sign, weight } of active) multipliers[index] = sign * weight;
  return { status: 'found', step, multipliers };
}

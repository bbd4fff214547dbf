/** Linear conditions: the first `equalities` rows hold exactly, the others from below. */
export interface LinearConditions {
  /** May be longer than there are variables; the rest is not read. */
  readonly normals: readonly (readonly number[])[];
  readonly least: readonly number[];
  readonly equalities: number;
}

export type QuadraticStep =
  | {
      readonly status: 'found';
      readonly step: readonly number[];
      readonly multipliers: readonly number[];
    }
  /** No step meets all conditions together. */
  | { readonly status: 'contradiction' };

const TOLERANCE = 1e-11;
const MOST_ROUNDS = 120;
/** With a smaller part of it new, a condition is a combination of those taken up already. */
const DEPENDENT = 1e-12;

/**
 * Finds the step p that minimises ½·pᵀHp + gᵀp under linear conditions, H positive definite: the
 * dual active-set method of D. Goldfarb & A. Idnani, Mathematical Programming 27 (1983). From the
 * free minimum it takes up one violated condition at a time, letting go of those that no longer
 * hold it. With H = L·Lᵀ it works on Lᵀp, in which the Hessian is the unit matrix.
 *
 * It is an object because it is asked again and again: what held the last step is taken up first,
 * all at once, and its working space is made once. Matrices are flat, row by row.
 */
export class QuadraticSteps {
  private readonly factor: Float64Array;
  /** Lᵀp, and p itself. */
  private readonly half: Float64Array;
  private readonly step: Float64Array;
  /** Conditions that hold the step: which, with what sign and weight, and L⁻¹ times the normal. */
  private count = 0;
  private readonly index: Int32Array;
  private readonly sign: Float64Array;
  private readonly weight: Float64Array;
  private readonly normals: Float64Array;
  /** Lower factor of those normals against each other; its row `count` is the one to come. */
  private readonly gram: Float64Array;
  private readonly release: Float64Array;
  private readonly direction: Float64Array;

  constructor(private readonly size: number) {
    const most = size + 1;
    this.factor = new Float64Array(size * size);
    this.half = new Float64Array(size);
    this.step = new Float64Array(size);
    this.index = new Int32Array(most);
    this.sign = new Float64Array(most);
    this.weight = new Float64Array(most);
    this.normals = new Float64Array(most * size);
    this.gram = new Float64Array(most * most);
    this.release = new Float64Array(most);
    this.direction = new Float64Array(size);
  }

  find(
    hessian: readonly number[],
    gradient: readonly number[],
    conditions: LinearConditions,
  ): QuadraticStep {
    this.toFreeMinimum(hessian, gradient);
    this.takeUpLast(conditions);
    for (let round = 0; round < MOST_ROUNDS; round++) {
      this.unhalve();
      const next = this.mostViolated(conditions);
      if (next === -1) return this.found(conditions.least.length);
      if (!this.takeUp(next, conditions)) break;
    }
    this.forget();
    return { status: 'contradiction' };
  }

  /** What held the last step says nothing of the next. */
  forget(): void {
    this.count = 0;
  }

  private toFreeMinimum(hessian: readonly number[], gradient: readonly number[]): void {
    const { size, factor, half } = this;
    for (let i = 0; i < size; i++) {
      for (let j = 0; j <= i; j++) {
        let sum = hessian[i * size + j];
        for (let k = 0; k < j; k++) sum -= factor[i * size + k] * factor[j * size + k];
        factor[i * size + j] =
          i === j ? Math.sqrt(Math.max(sum, 1e-12)) : sum / factor[j * size + j];
      }
      let sum = -gradient[i];
      for (let k = 0; k < i; k++) sum -= factor[i * size + k] * half[k];
      half[i] = sum / factor[i * size + i];
    }
  }

  /** p from Lᵀp. */
  private unhalve(): void {
    const { size, factor, half, step } = this;
    for (let i = size - 1; i >= 0; i--) {
      let sum = half[i];
      for (let k = i + 1; k < size; k++) sum -= factor[k * size + i] * step[k];
      step[i] = sum / factor[i * size + i];
    }
  }

  /** Sets condition `index` up as the next to be taken; gives how much of it is new, squared. */
  private offer(index: number, sign: 1 | -1, normal: readonly number[]): number {
    const { size, factor, normals, count, gram } = this;
    const [at, most] = [count * size, size + 1];
    let whole = 0;
    for (let i = 0; i < size; i++) {
      let sum = sign * normal[i];
      for (let k = 0; k < i; k++) sum -= factor[i * size + k] * normals[at + k];
      const value = sum / factor[i * size + i];
      normals[at + i] = value;
      whole += value * value;
    }
    this.index[count] = index;
    this.sign[count] = sign;
    this.weight[count] = 0;
    let fresh = whole;
    for (let k = 0; k < count; k++) {
      let sum = this.dotRows(k, count);
      for (let j = 0; j < k; j++) sum -= gram[k * most + j] * gram[count * most + j];
      const value = sum / gram[k * most + k];
      gram[count * most + k] = value;
      fresh -= value * value;
    }
    return count < size && fresh > DEPENDENT * whole ? fresh : 0;
  }

  /** Takes up the condition on offer, of which so much is new. */
  private accept(fresh: number): void {
    const { count, size } = this;
    this.gram[count * (size + 1) + count] = Math.sqrt(fresh);
    this.count += 1;
  }

  private dotRows(a: number, b: number): number {
    const { size, normals } = this;
    let sum = 0;
    for (let i = 0; i < size; i++) sum += normals[a * size + i] * normals[b * size + i];
    return sum;
  }

  private dotHalf(row: number): number {
    const { size, normals, half } = this;
    let sum = 0;
    for (let i = 0; i < size; i++) sum += normals[row * size + i] * half[i];
    return sum;
  }

  /** Solves gramᵀ·x = x in place, over the conditions taken up. */
  private backThroughGram(x: Float64Array): void {
    const { count, gram, size } = this;
    for (let i = count - 1; i >= 0; i--) {
      let sum = x[i];
      for (let k = i + 1; k < count; k++) sum -= gram[k * (size + 1) + i] * x[k];
      x[i] = sum / gram[i * (size + 1) + i];
    }
  }

  /** What held the last step and pushes on this one too, all at once. */
  private takeUpLast(conditions: LinearConditions): void {
    let wanted = this.pushing(Infinity);
    for (;;) {
      this.count = 0;
      for (const index of wanted) {
        const fresh = this.offer(index, 1, conditions.normals[index]);
        if (fresh > 0) this.accept(fresh);
      }
      this.weigh(conditions.least);
      const pushing = this.pushing(conditions.equalities);
      if (pushing.length === this.count) break;
      wanted = pushing;
    }
    for (let k = 0; k < this.count; k++) this.push(this.weight[k], k);
  }

  /** The weights at which all conditions taken up hold exactly. */
  private weigh(least: readonly number[]): void {
    const { count, gram, size, weight, index } = this;
    for (let i = 0; i < count; i++) {
      let sum = least[index[i]] - this.dotHalf(i);
      for (let k = 0; k < i; k++) sum -= gram[i * (size + 1) + k] * weight[k];
      weight[i] = sum / gram[i * (size + 1) + i];
    }
    this.backThroughGram(weight);
  }

  private pushing(equalities: number): number[] {
    const pushing: number[] = [];
    for (let k = 0; k < this.count; k++)
      if (this.index[k] < equalities || this.weight[k] > 0) pushing.push(this.index[k]);
    return pushing;
  }

  private push(by: number, row: number): void {
    const { size, half, normals } = this;
    for (let i = 0; i < size; i++) half[i] += by * normals[row * size + i];
  }

  /** Equalities first, in order; then the inequality that is violated most; −1 when none is. */
  private mostViolated({ normals, least, equalities }: LinearConditions): number {
    const { size, step } = this;
    let worst = -1;
    let gap = TOLERANCE;
    for (let i = 0; i < least.length; i++) {
      if (i < equalities) {
        if (!this.holds(i)) return i;
        continue;
      }
      const normal = normals[i];
      let short = least[i];
      for (let k = 0; k < size; k++) short -= normal[k] * step[k];
      if (short > gap && !this.holds(i)) {
        worst = i;
        gap = short;
      }
    }
    return worst;
  }

  private holds(index: number): boolean {
    for (let k = 0; k < this.count; k++) if (this.index[k] === index) return true;
    return false;
  }

  /** Moves the step until condition `next` holds; false when it cannot. */
  private takeUp(next: number, conditions: LinearConditions): boolean {
    const { normals, least, equalities } = conditions;
    const sign = next < equalities && this.dotStep(normals[next]) > least[next] ? -1 : 1;
    let weight = 0;
    for (;;) {
      const fresh = this.offer(next, sign, normals[next]);
      this.turn();
      const short = sign * least[next] - this.dotHalf(this.count);
      const full = fresh > 0 ? short / fresh : Infinity;
      const drop = this.firstReleased(equalities);
      const until = drop === -1 ? Infinity : this.weight[drop] / this.release[drop];
      const move = Math.min(full, until);
      if (move === Infinity) return false;
      this.move(move, full !== Infinity);
      weight += move;
      if (move === full) {
        this.weight[this.count] = weight;
        this.accept(fresh);
        return true;
      }
      this.drop(drop, normals);
    }
  }

  private dotStep(normal: readonly number[]): number {
    let sum = 0;
    for (let i = 0; i < this.size; i++) sum += normal[i] * this.step[i];
    return sum;
  }

  /** How the step moves, and the weights fall, per unit of weight of the condition on offer. */
  private turn(): void {
    const { size, count, normals, release, direction, gram } = this;
    for (let k = 0; k < count; k++) release[k] = gram[count * (size + 1) + k];
    this.backThroughGram(release);
    for (let i = 0; i < size; i++) {
      let sum = normals[count * size + i];
      for (let k = 0; k < count; k++) sum -= release[k] * normals[k * size + i];
      direction[i] = sum;
    }
  }

  private move(by: number, isFree: boolean): void {
    const { size, count, half, direction, weight, release } = this;
    if (isFree) for (let i = 0; i < size; i++) half[i] += by * direction[i];
    for (let k = 0; k < count; k++) weight[k] -= by * release[k];
  }

  private firstReleased(equalities: number): number {
    let drop = -1;
    let until = Infinity;
    for (let k = 0; k < this.count; k++) {
      if (this.index[k] < equalities || this.release[k] <= TOLERANCE) continue;
      const at = this.weight[k] / this.release[k];
      if (at < until) {
        drop = k;
        until = at;
      }
    }
    return drop;
  }

  /** Lets go of one condition; those after it are taken up anew with the weights they have. */
  private drop(row: number, normals: LinearConditions['normals']): void {
    const end = this.count;
    const rest = { index: this.index.slice(0, end), sign: this.sign.slice(0, end) };
    const weights = this.weight.slice(0, end);
    this.count = row;
    for (let k = row + 1; k < end; k++) {
      const index = rest.index[k];
      const fresh = this.offer(index, rest.sign[k] as 1 | -1, normals[index]);
      if (fresh === 0) continue;
      this.weight[this.count] = weights[k];
      this.accept(fresh);
    }
  }

  private found(conditions: number): QuadraticStep {
    const multipliers = new Array<number>(conditions).fill(0);
    for (let k = 0; k < this.count; k++) multipliers[this.index[k]] = this.sign[k] * this.weight[k];
    const step: number[] = [];
    for (let i = 0; i < this.size; i++) step.push(this.step[i]);
    return { status: 'found', step, multipliers };
  }
}

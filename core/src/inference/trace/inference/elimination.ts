/** One variable summed out of the product of all tables that hold it. */
interface Step {
  /** Which tables are multiplied; for each, its index for every index of the product. */
  readonly inputs: readonly number[];
  readonly maps: readonly Int32Array[];
  /** Size of the product: the variable is its lowest bit, so half of it is left. */
  readonly size: number;
  readonly output: number;
}

/** In which order variables are summed out; the work depends on the variables of the tables alone. */
export interface Schedule {
  readonly steps: readonly Step[];
  /** Tables without a variable left: one for each part that nothing couples to the rest. */
  readonly roots: readonly number[];
  /** Tables before the first step. */
  readonly given: number;
  /** Most variables in one product. */
  readonly width: number;
}

const union = (lists: readonly (readonly number[])[]): number[] => [...new Set(lists.flat())];

/** For every index over `variables`, the index of a table over `own`. */
function mapOf(variables: readonly number[], own: readonly number[]): Int32Array {
  const bits = own.map((variable) => variables.indexOf(variable));
  return Int32Array.from({ length: 2 ** variables.length }, (_, index) =>
    bits.reduce((sum, bit, i) => sum | (((index >> bit) & 1) << i), 0),
  );
}

/** The variable whose product is smallest; the earliest of equals. */
function cheapest(tables: ReadonlyMap<number, readonly number[]>): number {
  const neighbours = new Map<number, Set<number>>();
  for (const variables of tables.values())
    for (const one of variables) {
      const found = neighbours.get(one) ?? new Set<number>();
      for (const other of variables) found.add(other);
      neighbours.set(one, found);
    }
  let best = -1;
  let least = Infinity;
  for (const [variable, { size }] of neighbours)
    if (size < least || (size === least && variable < best)) [best, least] = [variable, size];
  return best;
}

/**
 * An order for summing out every variable, greedily by the smallest product.
 *
 * @param scopes the variables of each table
 */
export function scheduleOf(scopes: readonly (readonly number[])[]): Schedule {
  const tables = new Map(scopes.map((variables, i) => [i, variables]));
  const steps: Step[] = [];
  let next = scopes.length;
  let width = 0;
  for (let variable = cheapest(tables); variable >= 0; variable = cheapest(tables)) {
    const inputs = [...tables].filter(([, own]) => own.includes(variable)).map(([i]) => i);
    const rest = union(inputs.map((i) => tables.get(i)!)).filter((one) => one !== variable);
    const variables = [variable, ...rest];
    steps.push({
      inputs,
      maps: inputs.map((i) => mapOf(variables, tables.get(i)!)),
      size: 2 ** variables.length,
      output: next,
    });
    width = Math.max(width, variables.length);
    for (const i of inputs) tables.delete(i);
    tables.set(next++, rest);
  }
  return { steps, roots: [...tables.keys()], given: scopes.length, width };
}

function forward({ steps }: Schedule, tables: Float64Array[]): void {
  for (const { inputs, maps, size, output } of steps) {
    const sum = new Float64Array(size / 2);
    for (let index = 0; index < size; index++) {
      let product = 1;
      for (let i = 0; i < inputs.length; i++) product *= tables[inputs[i]][maps[i][index]];
      sum[index >> 1] += product;
    }
    tables[output] = sum;
  }
}

/** How much the total changes with each entry of each table: one step backward for each forward. */
function backward({ steps, roots }: Schedule, tables: readonly Float64Array[]): Float64Array[] {
  const slopes = tables.map((table) => new Float64Array(table.length));
  for (const root of roots)
    slopes[root][0] = roots.reduce(
      (product, other) => (other === root ? product : product * tables[other][0]),
      1,
    );
  for (const { inputs, maps, size, output } of [...steps].reverse()) {
    const after = new Float64Array(inputs.length + 1);
    for (let index = 0; index < size; index++) {
      const slope = slopes[output][index >> 1];
      if (slope === 0) continue;
      after[inputs.length] = 1;
      for (let i = inputs.length - 1; i >= 0; i--)
        after[i] = after[i + 1] * tables[inputs[i]][maps[i][index]];
      let before = slope;
      for (let i = 0; i < inputs.length; i++) {
        slopes[inputs[i]][maps[i][index]] += before * after[i + 1];
        before *= tables[inputs[i]][maps[i][index]];
      }
    }
  }
  return slopes;
}

/**
 * The sum over all variables of the product of all tables, and how it changes with every entry of
 * the given tables (variable elimination, differentiated backward: A. Darwiche, "A differential
 * approach to inference in Bayesian networks", JACM 2003).
 */
export function sumOut(
  schedule: Schedule,
  given: readonly Float64Array[],
): { total: number; slopes: readonly Float64Array[] } {
  const tables = [...given];
  forward(schedule, tables);
  const total = schedule.roots.reduce((product, root) => product * tables[root][0], 1);
  return { total, slopes: backward(schedule, tables).slice(0, schedule.given) };
}

/** A small symmetric matrix, row by row. */
export type Matrix = number[][];

/** Lower factor of a positive definite matrix; a diagonal that vanishes is held at `least`. */
export function cholesky(a: Matrix, least = 1e-12): Matrix {
  const n = a.length;
  const l: Matrix = [];
  for (let i = 0; i < n; i++) {
    const row = a[i].slice();
    for (let j = 0; j < i; j++) {
      let sum = row[j];
      for (let k = 0; k < j; k++) sum -= row[k] * l[j][k];
      row[j] = sum / l[j][j];
    }
    let sum = row[i];
    for (let k = 0; k < i; k++) sum -= row[k] * row[k];
    row[i] = Math.sqrt(Math.max(sum, least));
    l.push(row);
  }
  return l;
}

/** Solves L·Lᵀ·x = b; only the lower half of L is read. */
export function choleskySolve(l: Matrix, b: readonly number[]): number[] {
  const n = l.length;
  const x = b.slice();
  for (let i = 0; i < n; i++) {
    let sum = x[i];
    for (let k = 0; k < i; k++) sum -= l[i][k] * x[k];
    x[i] = sum / l[i][i];
  }
  for (let i = n - 1; i >= 0; i--) {
    let sum = x[i];
    for (let k = i + 1; k < n; k++) sum -= l[k][i] * x[k];
    x[i] = sum / l[i][i];
  }
  return x;
}

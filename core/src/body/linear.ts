/**
 * Solves the square system `a x = b` by Gaussian elimination with partial pivoting; `a` and `b` are left untouched.
 * Throws when the matrix is singular to working precision.
 *
 * @example solveLinear([[2, 0], [0, 4]], [2, 8]) // [1, 2]
 */
function solveLinear(a: readonly (readonly number[])[], b: readonly number[]): number[] {
  const n = b.length;
  const rows = a.map((row, i) => [...row, b[i] as number]);
  for (let column = 0; column < n; column++) {
    let pivot = column;
    for (let r = column + 1; r < n; r++) {
      if (Math.abs(cell(rows, r, column)) > Math.abs(cell(rows, pivot, column))) pivot = r;
    }
    if (Math.abs(cell(rows, pivot, column)) < 1e-14) throw new Error('singular system');
    const swapped = rows[column] as number[];
    rows[column] = rows[pivot] as number[];
    rows[pivot] = swapped;
    const lead = rows[column] as number[];
    for (let r = column + 1; r < n; r++) {
      const row = rows[r] as number[];
      const factor = (row[column] as number) / (lead[column] as number);
      if (factor === 0) continue;
      for (let c = column; c <= n; c++) row[c] = (row[c] as number) - factor * (lead[c] as number);
    }
  }
  const x = new Array<number>(n).fill(0);
  for (let r = n - 1; r >= 0; r--) {
    let sum = cell(rows, r, n);
    for (let c = r + 1; c < n; c++) sum -= cell(rows, r, c) * (x[c] as number);
    x[r] = sum / cell(rows, r, r);
  }
  return x;
}

const cell = (rows: number[][], r: number, c: number) => (rows[r] as number[])[c] as number;

/**
 * The smallest step `d`, measured by `sum d_i^2 / freedom_i`, that solves `rows . d = target`;
 * `damping` keeps dependent rows solvable.
 *
 * @example minStep([[1, 1]], [2], [1, 1], 0) // [1, 1]
 */
export function minStep(
  rows: readonly (readonly number[])[],
  target: readonly number[],
  freedom: readonly number[],
  damping: number,
): number[] {
  const gram = rows.map((a, i) =>
    rows.map((b, j) => {
      let sum = i === j ? damping : 0;
      for (let k = 0; k < freedom.length; k++) {
        sum += (a[k] as number) * (freedom[k] as number) * (b[k] as number);
      }
      return sum;
    }),
  );
  const multipliers = solveLinear(gram, target);
  return freedom.map((f, k) =>
    rows.reduce((sum, row, i) => sum + f * (row[k] as number) * (multipliers[i] as number), 0),
  );
}

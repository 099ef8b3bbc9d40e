const dotOf = (a: Float64Array | number[], b: Float64Array | number[]): number => {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += a[i]! * b[i]!;
  return sum;
};

/** Solves (A + mu diag A) x = g for a symmetric positive A, by Cholesky. */
function dampedSolve(a: readonly Float64Array[], g: Float64Array, mu: number): Float64Array {
  const n = g.length;
  const l = a.map((row, i) => {
    const copy = Float64Array.from(row);
    copy[i]! += mu * (row[i]! + 1e-3) + 1e-9;
    return copy;
  });
  for (let i = 0; i < n; i++) {
    for (let j = 0; j <= i; j++) {
      let s = l[i]![j]!;
      for (let k = 0; k < j; k++) s -= l[i]![k]! * l[j]![k]!;
      l[i]![j] = i === j ? Math.sqrt(Math.max(s, 1e-12)) : s / l[j]![j]!;
    }
  }
  const x = Float64Array.from(g);
  for (let i = 0; i < n; i++) {
    for (let k = 0; k < i; k++) x[i]! -= l[i]![k]! * x[k]!;
    x[i]! /= l[i]![i]!;
  }
  for (let i = n - 1; i >= 0; i--) {
    for (let k = i + 1; k < n; k++) x[i]! -= l[k]![i]! * x[k]!;
    x[i]! /= l[i]![i]!;
  }
  return x;
}

/**
 * Levenberg and Marquardt's damped least squares with a numeric Jacobian.
 *
 * @param residuals values to bring to zero at `q`; always the same number of them
 * @param start where to begin; not changed
 * @param options at most `iterations` steps; stops when a step gains less than `tolerance` of the cost
 * @returns the best `q` found
 */
export function leastSquares(
  residuals: (q: readonly number[]) => number[], start: readonly number[], { iterations = 60, tolerance = 1e-7 } = {},
): number[] {
  const h = 1e-3, n = start.length;
  let q = [...start], r = residuals(q), cost = dotOf(r, r), mu = 1e-2;
  for (let iteration = 0; iteration < iterations; iteration++) {
    const columns = q.map((value, j) => {
      q[j] = value + h;
      const moved = residuals(q), column = new Float64Array(r.length);
      q[j] = value;
      for (let i = 0; i < r.length; i++) column[i] = (moved[i]! - r[i]!) / h;
      return column;
    });
    const a = columns.map((column, i) => {
      const row = new Float64Array(n);
      for (let j = 0; j <= i; j++) row[j] = dotOf(column, columns[j]!);
      return row;
    });
    const g = Float64Array.from(columns, (column) => dotOf(column, r));
    let gain = -1;
    for (let attempt = 0; attempt < 8 && gain < 0; attempt++) {
      const step = dampedSolve(a, g, mu);
      const next = q.map((value, i) => value - Math.max(-25, Math.min(25, step[i]!)));
      const nextR = residuals(next), nextCost = dotOf(nextR, nextR);
      if (nextCost < cost) {
        gain = cost - nextCost;
        q = next; r = nextR; cost = nextCost;
        mu = Math.max(1e-7, mu / 4);
      } else mu *= 5;
    }
    if (gain < tolerance * (1 + cost)) break;
  }
  return q;
}

const squares = (values: Float64Array): number => {
  let sum = 0;
  for (let i = 0; i < values.length; i++) sum += values[i]! * values[i]!;
  return sum;
};

/** The lower half of JᵀJ, and Jᵀr, from J's columns. Most rows know only a few joints: the rest are skipped. */
function normalEquations(
  columns: readonly Float64Array[],
  r: Float64Array,
): { a: Float64Array[]; g: Float64Array } {
  const n = columns.length;
  const a = columns.map(() => new Float64Array(n));
  const g = new Float64Array(n);
  const at = new Int32Array(n);
  const values = new Float64Array(n);
  for (let i = 0; i < r.length; i++) {
    let count = 0;
    for (let j = 0; j < n; j++) {
      const value = columns[j]![i]!;
      if (value !== 0) {
        at[count] = j;
        values[count++] = value;
      }
    }
    for (let p = 0; p < count; p++) {
      const row = a[at[p]!]!;
      const value = values[p]!;
      g[at[p]!]! += value * r[i]!;
      for (let k = 0; k <= p; k++) row[at[k]!]! += value * values[k]!;
    }
  }
  return { a, g };
}

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

/** How often a Jacobian is carried on by rank-one corrections before it is measured afresh. */
const CARRIED_MOST = 3;

/** Broyden's correction: the slope along the step just taken becomes what was seen. */
function carryOn(
  columns: readonly Float64Array[],
  step: Float64Array,
  before: Float64Array,
  after: Float64Array,
): void {
  const size = squares(step);
  if (size < 1e-18) return;
  for (let i = 0; i < before.length; i++) {
    let predicted = 0;
    for (let j = 0; j < step.length; j++) predicted += columns[j]![i]! * step[j]!;
    const wrong = (after[i]! - before[i]! - predicted) / size;
    if (wrong !== 0) for (let j = 0; j < step.length; j++) columns[j]![i]! += wrong * step[j]!;
  }
}

/**
 * Levenberg and Marquardt's damped least squares with a numeric Jacobian, which is carried on
 * between steps as long as that helps (Broyden).
 *
 * @param residuals values to bring to zero at `q`; always the same number of them
 * @param start where to begin; not changed
 * @param options at most `iterations` steps; stops when a step gains less than `tolerance` of the cost
 * @returns the best `q` found
 */
export function leastSquares(
  residuals: (q: readonly number[]) => number[],
  start: readonly number[],
  { iterations = 60, tolerance = 1e-7 } = {},
): number[] {
  const h = 1e-3;
  const measure = (at: readonly number[]): Float64Array => Float64Array.from(residuals(at));
  let q = [...start];
  let r = measure(q);
  let cost = squares(r);
  let mu = 1e-2;
  let columns: Float64Array[] = [];
  let carried = -1;
  for (let iteration = 0; iteration < iterations; iteration++) {
    if (carried < 0) {
      columns = q.map((value, j) => {
        q[j] = value + h;
        const moved = residuals(q);
        const column = new Float64Array(r.length);
        q[j] = value;
        for (let i = 0; i < r.length; i++) column[i] = (moved[i]! - r[i]!) / h;
        return column;
      });
      carried = 0;
    }
    const { a, g } = normalEquations(columns, r);
    let gain = -1;
    // With a carried Jacobian one refusal is reason enough to measure it again.
    for (let attempt = 0; attempt < (carried ? 1 : 8) && gain < 0; attempt++) {
      const step = dampedSolve(a, g, mu).map((value) => -Math.max(-25, Math.min(25, value)));
      const next = q.map((value, i) => value + step[i]!);
      const nextR = measure(next);
      const nextCost = squares(nextR);
      if (nextCost < cost) {
        gain = cost - nextCost;
        carryOn(columns, step, r, nextR);
        q = next;
        r = nextR;
        cost = nextCost;
        mu = Math.max(1e-7, mu / 4);
      } else mu *= 5;
    }
    if (gain < tolerance * (1 + cost)) {
      if (carried === 0) break;
      carried = -1;
    } else carried = carried < CARRIED_MOST ? carried + 1 : -1;
  }
  return q;
}

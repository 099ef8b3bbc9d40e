/** Solves the square system `a x = b` by elimination with pivoting. */
function eliminate(a: number[][], b: number[]): number[] {
  const n = b.length;
  const m = a.map((row, i) => [...row, b[i]!]);
  for (let i = 0; i < n; i++) {
    let pivot = i;
    for (let k = i + 1; k < n; k++) if (Math.abs(m[k]![i]!) > Math.abs(m[pivot]![i]!)) pivot = k;
    [m[i], m[pivot]] = [m[pivot]!, m[i]!];
    const row = m[i]!;
    const p = row[i]! || 1e-12;
    for (let k = i + 1; k < n; k++) {
      const f = m[k]![i]! / p;
      if (f !== 0) for (let j = i; j <= n; j++) m[k]![j]! -= f * row[j]!;
    }
  }
  const x = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i--) {
    let s = m[i]![n]!;
    for (let k = i + 1; k < n; k++) s -= m[i]![k]! * x[k]!;
    x[i] = s / (m[i]![i]! || 1e-12);
  }
  return x;
}

/**
 * Non-negative least squares (Lawson and Hanson's active set): `x ≥ 0` that brings `a x` nearest to `b`.
 *
 * @param a rows of equal length
 * @returns x, one per column
 */
export function nonNegativeLeastSquares(a: readonly (readonly number[])[], b: readonly number[]): number[] {
  const n = a[0]!.length;
  const gram = Array.from({ length: n }, (_, i) =>
    Float64Array.from({ length: n }, (__, j) => a.reduce((s, row) => s + row[i]! * row[j]!, 0)),
  );
  const rhs = Float64Array.from({ length: n }, (_, i) => a.reduce((s, row, k) => s + row[i]! * b[k]!, 0));
  return nonNegativeOfGram(gram, rhs);
}

/**
 * The same from `aᵀa` and `aᵀb`.
 *
 * @param from where to start: the solution of a similar system
 */
export function nonNegativeOfGram(
  gram: readonly Float64Array[],
  rhs: Float64Array,
  from: readonly number[] = [],
): number[] {
  const n = rhs.length;
  const tolerance = 1e-9 * Math.max(...rhs.map(Math.abs), 1e-9);
  let x = Array.from({ length: n }, (_, i) => from[i] ?? 0);
  const active = new Set(x.flatMap((value, i) => (value > 0 ? [i] : [])));
  /** Puts the active ones where they fit best; those that would have to pull are let go. */
  const settle = (): void => {
    while (active.size) {
      const index = [...active];
      const solution = eliminate(
        index.map((i) => index.map((j) => gram[i]![j]!)),
        index.map((i) => rhs[i]!),
      );
      if (solution.every((value) => value > 0)) {
        x = new Array<number>(n).fill(0);
        index.forEach((i, k) => {
          x[i] = solution[k]!;
        });
        break;
      }
      let step = 1;
      index.forEach((i, k) => {
        if (solution[k]! <= 0) step = Math.min(step, x[i]! / (x[i]! - solution[k]! || 1e-12));
      });
      index.forEach((i, k) => {
        x[i] = x[i]! + step * (solution[k]! - x[i]!);
      });
      const stuck = index.filter((i) => x[i]! <= 1e-12);
      for (const i of stuck) {
        x[i] = 0;
        active.delete(i);
      }
      if (!stuck.length) break;
    }
  };
  settle();
  for (let round = 0; round < 4 * n; round++) {
    let best = -1;
    let steepest = tolerance;
    for (let i = 0; i < n; i++) {
      if (active.has(i)) continue;
      const row = gram[i]!;
      let slope = rhs[i]!;
      for (const j of active) slope -= row[j]! * x[j]!;
      if (slope > steepest) {
        steepest = slope;
        best = i;
      }
    }
    if (best < 0) break;
    active.add(best);
    settle();
  }
  return x;
}

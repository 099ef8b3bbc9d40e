type Point = readonly [number, number];

/** A chain of cubic Béziers: x y of the start, then six numbers each. */
export type Curve = number[];

/** Fits cubic curves to a polyline (Schneider 1990), within `tolerance`. Corners split it. */
export function fitCurve(p: Float64Array, closed: boolean, tolerance: number): Curve {
  let q = p;
  const m = p.length / 2;
  if (m < 2) return [];
  if (closed) {
    // Begin at the sharpest place, so that the seam does not show.
    let best = 0;
    let sharp = -2;
    const r = Math.min(6, Math.max(1, m >> 3));
    for (let i = 0; i < m; i += 1) {
      const a = (i - r + m) % m;
      const b = (i + r) % m;
      const ux = p[i * 2]! - p[a * 2]!;
      const uy = p[i * 2 + 1]! - p[a * 2 + 1]!;
      const vx = p[b * 2]! - p[i * 2]!;
      const vy = p[b * 2 + 1]! - p[i * 2 + 1]!;
      const c = -(ux * vx + uy * vy) / (Math.sqrt((ux * ux + uy * uy) * (vx * vx + vy * vy)) || 1);
      if (c > sharp) {
        sharp = c;
        best = i;
      }
    }
    q = new Float64Array(m * 2 + 2);
    for (let i = 0; i <= m; i++) {
      q[i * 2] = p[((best + i) % m) * 2]!;
      q[i * 2 + 1] = p[((best + i) % m) * 2 + 1]!;
    }
  }
  const n = q.length / 2;
  const out: Curve = [q[0]!, q[1]!];
  // Corners: where the way turns by more than 50 degrees within a few points.
  const corners = [0];
  const r = 4;
  for (let i = r; i < n - r; i++) {
    const turn = turnAt(i);
    if (turn < 0.64 && turn <= turnAt(i - 1) && turn < turnAt(i + 1) && i - corners[corners.length - 1]! > r)
      corners.push(i);
  }
  corners.push(n - 1);
  function turnAt(i: number): number {
    if (i < r || i >= n - r) return 1;
    const ux = q[i * 2]! - q[(i - r) * 2]!;
    const uy = q[i * 2 + 1]! - q[(i - r) * 2 + 1]!;
    const vx = q[(i + r) * 2]! - q[i * 2]!;
    const vy = q[(i + r) * 2 + 1]! - q[i * 2 + 1]!;
    return (ux * vx + uy * vy) / (Math.sqrt((ux * ux + uy * uy) * (vx * vx + vy * vy)) || 1);
  }
  const smoothSeam = closed && corners.length === 2;
  for (let c = 0; c + 1 < corners.length; c++) {
    const a = corners[c]!;
    const b = corners[c + 1]!;
    let ta = tangent(a, b, 1);
    let tb = tangent(b, a, 1);
    if (smoothSeam) {
      const x = q[2]! - q[(n - 2) * 2]!;
      const y = q[3]! - q[(n - 2) * 2 + 1]!;
      const l = Math.hypot(x, y) || 1;
      ta = [x / l, y / l];
      tb = [-x / l, -y / l];
    }
    fit(a, b, ta, tb, 0);
  }
  return out;

  function tangent(i: number, towards: number, _: number): Point {
    const d = towards > i ? 1 : -1;
    const k = Math.min(5, Math.abs(towards - i));
    const x = q[(i + d * k) * 2]! - q[i * 2]!;
    const y = q[(i + d * k) * 2 + 1]! - q[i * 2 + 1]!;
    const l = Math.hypot(x, y) || 1;
    return [x / l, y / l];
  }
  function fit(a: number, b: number, ta: Point, tb: Point, deep: number): void {
    const ax = q[a * 2]!;
    const ay = q[a * 2 + 1]!;
    const bx = q[b * 2]!;
    const by = q[b * 2 + 1]!;
    const count = b - a + 1;
    const chord = Math.hypot(bx - ax, by - ay);
    if (count <= 2) {
      const l = chord / 3;
      out.push(ax + ta[0] * l, ay + ta[1] * l, bx + tb[0] * l, by + tb[1] * l, bx, by);
      return;
    }
    const u = new Float64Array(count);
    for (let i = 1; i < count; i++)
      u[i] =
        u[i - 1]! +
        Math.hypot(q[(a + i) * 2]! - q[(a + i - 1) * 2]!, q[(a + i) * 2 + 1]! - q[(a + i - 1) * 2 + 1]!);
    const total = u[count - 1]! || 1;
    for (let i = 1; i < count; i++) u[i] = u[i]! / total;
    let worst = 0;
    let split = a + (count >> 1);
    let la = 0;
    let lb = 0;
    for (let round = 0; round < 3; round++) {
      let c00 = 0;
      let c01 = 0;
      let c11 = 0;
      let x0 = 0;
      let x1 = 0;
      for (let i = 0; i < count; i++) {
        const t = u[i]!;
        const s = 1 - t;
        const b0 = s * s * s;
        const b1 = 3 * t * s * s;
        const b2 = 3 * t * t * s;
        const b3 = t * t * t;
        const a0x = ta[0] * b1;
        const a0y = ta[1] * b1;
        const a1x = tb[0] * b2;
        const a1y = tb[1] * b2;
        const rx = q[(a + i) * 2]! - (ax * (b0 + b1) + bx * (b2 + b3));
        const ry = q[(a + i) * 2 + 1]! - (ay * (b0 + b1) + by * (b2 + b3));
        c00 += a0x * a0x + a0y * a0y;
        c01 += a0x * a1x + a0y * a1y;
        c11 += a1x * a1x + a1y * a1y;
        x0 += a0x * rx + a0y * ry;
        x1 += a1x * rx + a1y * ry;
      }
      const det = c00 * c11 - c01 * c01;
      la = det ? (x0 * c11 - x1 * c01) / det : 0;
      lb = det ? (c00 * x1 - c01 * x0) / det : 0;
      if (la < chord * 0.02 || lb < chord * 0.02 || la > total * 1.5 || lb > total * 1.5) la = lb = total / 3;
      worst = 0;
      const p1x = ax + ta[0] * la;
      const p1y = ay + ta[1] * la;
      const p2x = bx + tb[0] * lb;
      const p2y = by + tb[1] * lb;
      for (let i = 1; i < count - 1; i++) {
        const t = u[i]!;
        const s = 1 - t;
        const b0 = s * s * s;
        const b1 = 3 * t * s * s;
        const b2 = 3 * t * t * s;
        const b3 = t * t * t;
        const x = b0 * ax + b1 * p1x + b2 * p2x + b3 * bx - q[(a + i) * 2]!;
        const y = b0 * ay + b1 * p1y + b2 * p2y + b3 * by - q[(a + i) * 2 + 1]!;
        const e = x * x + y * y;
        if (e > worst) {
          worst = e;
          split = a + i;
        }
        // One Newton step towards the nearest parameter.
        const d1x = 3 * (s * s * (p1x - ax) + 2 * s * t * (p2x - p1x) + t * t * (bx - p2x));
        const d1y = 3 * (s * s * (p1y - ay) + 2 * s * t * (p2y - p1y) + t * t * (by - p2y));
        const den = d1x * d1x + d1y * d1y;
        if (den > 1e-9) u[i] = Math.max(0, Math.min(1, t - (x * d1x + y * d1y) / den));
      }
      if (worst < tolerance * tolerance) {
        out.push(p1x, p1y, p2x, p2y, bx, by);
        return;
      }
      if (worst > 9 * tolerance * tolerance && round === 0) break;
    }
    if (deep > 14) {
      const l = total / 3;
      out.push(ax + ta[0] * l, ay + ta[1] * l, bx + tb[0] * l, by + tb[1] * l, bx, by);
      return;
    }
    split = Math.max(a + 1, Math.min(b - 1, split));
    const k = Math.min(5, split - a, b - split);
    const x = q[(split + k) * 2]! - q[(split - k) * 2]!;
    const y = q[(split + k) * 2 + 1]! - q[(split - k) * 2 + 1]!;
    const l = Math.hypot(x, y) || 1;
    const t: Point = [x / l, y / l];
    fit(a, split, ta, [-t[0], -t[1]], deep + 1);
    fit(split, b, t, tb, deep + 1);
  }
}

/** The same curve walked backwards. */
export function reversed(c: Curve): Curve {
  const out: Curve = [c[c.length - 2]!, c[c.length - 1]!];
  for (let i = c.length - 6; i >= 2; i -= 6)
    out.push(c[i + 2]!, c[i + 3]!, c[i]!, c[i + 1]!, i >= 8 ? c[i - 2]! : c[0]!, i >= 8 ? c[i - 1]! : c[1]!);
  return out;
}

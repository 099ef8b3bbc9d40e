import { short } from '../draw/paint.js';

/** A smooth line through places on the page, with a head at its end. */
export function arcArrow(points: readonly (readonly [number, number])[], width: number): string {
  const [x1, y1] = points.at(-1)!;
  const [bx, by] = points.at(-2)!;
  const l = Math.hypot(x1 - bx, y1 - by) || 1;
  const [dx, dy] = [(x1 - bx) / l, (y1 - by) / l];
  const head = Math.min(width * 4, l * 0.9);
  const w = width * 2;
  const [hx, hy] = [x1 - dx * head, y1 - dy * head];
  const shaft = [...points.slice(0, -1), [hx, hy] as const];
  let d = `M${short(shaft[0]![0])} ${short(shaft[0]![1])}`;
  for (let i = 1; i < shaft.length - 1; i++) {
    const [cx, cy] = shaft[i]!;
    const [nx, ny] = shaft[i + 1]!;
    const last = i === shaft.length - 2;
    const [ex, ey] = last ? [nx, ny] : [(cx + nx) / 2, (cy + ny) / 2];
    d += `Q${short(cx)} ${short(cy)} ${short(ex)} ${short(ey)}`;
  }
  const stroked = (colour: string, wide: number): string =>
    `<path d="${d}" fill="none" stroke="var(--fig-${colour})" stroke-width="${short(wide)}" ` +
    `stroke-linecap="round"/>`;
  const tip =
    `M${short(x1)} ${short(y1)}L${short(hx - dy * w)} ${short(hy + dx * w)}` +
    `L${short(hx + dy * w)} ${short(hy - dx * w)}Z`;
  return (
    stroked('paper', width * 2.4) +
    stroked('mark', width) +
    `<path d="${tip}" fill="var(--fig-mark)" stroke="var(--fig-paper)" stroke-width=".5"/>`
  );
}

import type { Vec3 } from '@lotus-steady/core';
import { short, type Flat } from './geometry.js';
import type { Part } from './parts.js';

/**
 * What lies under a figure: a soft shadow of it all, and a darker one where it rests.
 *
 * @param project a place in the room, on the page
 * @param pixels of a centimetre
 * @param tilt of the view from above, degrees
 */
export function shadowMarkup(
  parts: readonly Part[],
  { project, pixels }: { project: (place: Vec3) => Flat; pixels: number },
  tilt: number,
): string {
  const blob = (v: Vec3, r: number): string => {
    const [x, y] = project([v[0], 0, v[2]]);
    const rx = short(r * pixels);
    const ry = short(r * pixels * Math.max(0.12, Math.sin((tilt * Math.PI) / 180)));
    return `M${short(x - rx)} ${short(y)}a${rx} ${ry} 0 1 0 ${short(2 * rx)} 0a${rx} ${ry} 0 1 0 ${short(-2 * rx)} 0`;
  };
  const low = parts.flatMap((part) =>
    part.samples
      .filter(([v, r], i) => (part.kind !== 'box' || i % 3 === 0) && v[1] - r < 7)
      .map(([v, r]) => blob(v, r * 1.1 + (part.kind === 'box' ? 1.5 : 0.6))),
  );
  const all = parts
    .filter((part) => part.limb)
    .flatMap((part) => part.samples.filter((_, i) => i % 2 === 0).map(([v, r]) => blob(v, r + 1)));
  // One path each, however many blobs: a page of figures stays light.
  return (
    `<path d="${all.join('')}" fill="var(--fig-shadow)" opacity=".1"/><path ` +
    `d="${low.join('')}" fill="var(--fig-shadow)" opacity=".2"/>`
  );
}

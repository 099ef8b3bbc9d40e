import { LABEL, PART } from '../body/labels.js';
import type { Mesh } from '../body/mesh.js';
import { PROP, type Buffers } from './buffer.js';
import { SHADE } from './shadeEdges.js';

/** Labels of areas: 1 to 4 the body's tones, those again for each of four limbs that is far, then props from here. */
export const FIRST_PROP = 21;

/** Which of the body's tones an area has, see `LABEL`. */
export const toneOf = (label: number): number => ((label - 1) % 4) + 1;

/** A face is in shade only where little light falls on it. */
const FACE_SHADE = SHADE - 0.42;

/**
 * Gives each pixel the label of its area, and marks what lies in shade.
 *
 * @param far by limb, see `LIMBS`: its number where it is drawn paler, 0 where not
 */
export function labelPixels({ buffer, labels, dark }: Buffers, mesh: Mesh, far: Uint8Array): void {
  const { width, height, from, to, id, light } = buffer;
  const areas = areasOfTriangles(mesh, far);
  for (let y = 1; y < height - 1; y++)
    if (to[y]! >= 0)
      labelRow(
        y * width + Math.max(1, from[y]!),
        y * width + Math.min(width - 2, to[y]!),
        id,
        light,
        areas,
        labels,
        dark,
      );
}

/** By triangle of the body: its area, and the light below which it lies in shade. */
export interface Areas {
  area: Uint8Array;
  shade: Float32Array;
}

/**
 * What a triangle says of its pixels, of which there are many more.
 *
 * @param far see {@link labelPixels}
 */
export function areasOfTriangles({ triangles, label, part, limb }: Mesh, far: Uint8Array): Areas {
  const area = new Uint8Array(triangles);
  const shade = new Float32Array(triangles);
  for (let t = 0; t < triangles; t++) {
    area[t] = label[t]! + 4 * far[limb[t]!]!;
    if (label[t] === LABEL.hair) shade[t] = -Infinity;
    else shade[t] = part[t] === PART.head ? FACE_SHADE : SHADE;
  }
  return { area, shade };
}

function labelRow(
  first: number,
  last: number,
  id: Int32Array,
  light: Float32Array,
  { area, shade }: Areas,
  labels: Uint8Array,
  dark: Uint8Array,
): void {
  for (let i = first; i <= last; i++) {
    const t = id[i]! - 1;
    if (t < 0) continue;
    if (t >= PROP - 1) {
      labels[i] = FIRST_PROP + t + 1 - PROP;
      continue;
    }
    labels[i] = area[t]!;
    if (light[i]! < shade[t]!) dark[i] = 1;
  }
}

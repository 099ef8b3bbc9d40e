import { add, rotate, type Vec3 } from '@lotus-steady/core/body';
import { LABEL, PART } from '../src/body/labels.js';
import { bodyField } from './bodyField.js';
import { footField } from './footField.js';
import { handField } from './handField.js';
import { BUNS, bunField, faceField, hairField, headField } from './headField.js';
import { alongArm, alongShank, cuffHem, cut, neckHem, sleeveHem, waistHem } from './hems.js';
import { plaitSurface, plaitWeights } from './plait.js';
import { REST } from './rest.js';
import { surfaceNets, type Surface } from './surfaceNets.js';
import { bodyWeights, footWeights, handWeights, ringsOf, type Weights } from './weights.js';

/** The right half of the body's surface, at rest, cm at 165 cm. What lies in the middle has z 0. */
export interface HalfMesh extends Surface {
  /** By corner. */
  weights: Weights[];
  /** By triangle: what it shows, and which part it is of. */
  labels: number[];
  parts: number[];
}

/** Sizes of the cells that the parts are sampled with, cm. */
export interface Cells {
  body: number;
  limb: number;
  head: number;
  hand: number;
  foot: number;
}

const middleOf = ({ positions }: Surface, [a, b, c]: readonly [number, number, number]): Vec3 =>
  [0, 1, 2].map((i) => (positions[a]![i]! + positions[b]![i]! + positions[c]![i]!) / 3) as Vec3;

/** Without corners that no triangle uses. */
function compact({ positions, normals, triangles }: Surface): Surface {
  const places = new Map<number, number>();
  const placeOf = (i: number): number => {
    if (!places.has(i)) places.set(i, places.size);
    return places.get(i)!;
  };
  const renamed = triangles.map(([a, b, c]): [number, number, number] => [
    placeOf(a),
    placeOf(b),
    placeOf(c),
  ]);
  const used = [...places.keys()];
  return {
    positions: used.map((i) => positions[i]!),
    normals: used.map((i) => normals[i]!),
    triangles: renamed,
  };
}

/** Normals evened out over so many cm of the surface: tones then follow the large forms, not every muscle. */
function calm(surface: Surface, cm: number, cell: number): Vec3[] {
  const rings = ringsOf(surface);
  let normals = surface.normals;
  for (let i = 0, times = Math.round(2 * (cm / cell) ** 2); i < times; i++)
    normals = normals.map((normal, at): Vec3 => {
      const sum: Vec3 = [...normal];
      for (const other of rings[at]!)
        for (let axis = 0; axis < 3; axis++) sum[axis]! += normals[other]![axis]!;
      if (surface.positions[at]![2] === 0) sum[2] = 0;
      const l = Math.hypot(...sum) || 1;
      return [sum[0] / l, sum[1] / l, sum[2] / l];
    });
  return normals;
}

/** A piece of the dressed body: what `keep` says of it. */
function bodyPiece(cell: number, min: Vec3, max: Vec3, keep: (place: Vec3) => boolean): HalfMesh {
  let surface = surfaceNets(bodyField, min, max, cell, min[2] === 0);
  surface.triangles = surface.triangles.filter(([a]) => keep(surface.positions[a]!));
  surface = compact(surface);
  for (const hem of [sleeveHem, neckHem, waistHem, cuffHem]) surface = cut(surface, hem, cell * 0.16);
  const labels = surface.triangles.map((triangle) => {
    const place = middleOf(surface, triangle);
    if (sleeveHem(place) > 0 || neckHem(place) > 0 || cuffHem(place) > 0) return LABEL.skin;
    return waistHem(place) > 0 ? LABEL.top : LABEL.leg;
  });
  return {
    ...surface,
    normals: calm(surface, 4, cell),
    labels,
    weights: bodyWeights(surface),
    parts: surface.triangles.map(() => PART.body),
  };
}

/** A piece that was sculpted in a frame's own axes. */
function framed(
  surface: Surface,
  frame: string,
  part: number,
  label: (place: Vec3) => number,
  weights: (place: Vec3) => Weights,
): HalfMesh {
  const { rotation, origin } = REST.frames[frame]!;
  return {
    positions: surface.positions.map((place) => add(origin, rotate(rotation, place))),
    normals: surface.normals.map((normal) => rotate(rotation, normal)),
    triangles: surface.triangles,
    labels: surface.triangles.map((triangle) => label(middleOf(surface, triangle))),
    weights: surface.positions.map(weights),
    parts: surface.triangles.map(() => part),
  };
}

function together(meshes: readonly HalfMesh[]): HalfMesh {
  const out: HalfMesh = { positions: [], normals: [], triangles: [], labels: [], weights: [], parts: [] };
  for (const mesh of meshes) {
    const first = out.positions.length;
    out.positions.push(...mesh.positions);
    out.normals.push(...mesh.normals);
    out.weights.push(...mesh.weights);
    out.labels.push(...mesh.labels);
    out.parts.push(...mesh.parts);
    for (const [a, b, c] of mesh.triangles) out.triangles.push([a + first, b + first, c + first]);
  }
  return out;
}

/** The face is lit like an egg. */
const eggNormal = ([x, y, z]: Vec3): Vec3 => {
  const v: Vec3 = [(x - 1.6) / 70, (y - 2) / 95, z / 55];
  const l = Math.hypot(...v);
  return [v[0] / l, v[1] / l, v[2] / l];
};

function headPiece(cell: number): HalfMesh {
  const hair = (place: Vec3): number => faceField(place) - hairField(place);
  const surface = cut(surfaceNets(headField, [-13, -11, 0], [13, 16, 11], cell, true), hair, cell * 0.12);
  surface.normals = surface.positions.map(eggNormal);
  return framed(
    surface,
    'head',
    PART.head,
    (place) => (hair(place) > 0 ? LABEL.hair : LABEL.skin),
    () => [['head', 1]],
  );
}

/** Sculpts the right half of the body with cells of these sizes. */
export function buildMesh(cells: Cells): HalfMesh {
  const hand = surfaceNets(handField, [-5, -19, -4], [7.5, 4, 3], cells.hand);
  const foot = surfaceNets(footField, [-8, -8, -6.5], [21, 5.5, 6.5], cells.foot);
  const onHead = (): Weights => [['head', 1]];
  const plait = plaitSurface(cells.head);
  return together([
    bodyPiece(
      cells.body,
      [-22, -50, 0],
      [34, 72, 34],
      (place) => alongArm(place) < 12.5 && alongShank(place) < -3,
    ),
    bodyPiece(cells.limb, [-14, -12, 20], [26, 55, 58.5], (place) => alongArm(place) > 10.5),
    bodyPiece(cells.limb * 1.12, [-22, -92, 0], [34, -20, 34], (place) => alongShank(place) > -5.5),
    headPiece(cells.head),
    ...BUNS.map((bun, i) => {
      const min = bun.at.map((v, axis) => v - bun.radii[axis]! - 2.5) as Vec3;
      const max = bun.at.map((v, axis) => v + bun.radii[axis]! + 2.5) as Vec3;
      return framed(
        surfaceNets(bunField(bun), [min[0], min[1], 0], max, cells.head * 1.2, true),
        'head',
        i ? PART.lowBun : PART.highBun,
        () => LABEL.hair,
        onHead,
      );
    }),
    framed(plait, 'head', PART.plait, () => LABEL.hair, plaitWeights),
    framed(
      { ...hand, normals: calm(hand, 1.2, cells.hand) },
      'handR',
      PART.hand,
      () => LABEL.skin,
      handWeights,
    ),
    framed(
      { ...foot, normals: calm(foot, 1.5, cells.foot) },
      'footR',
      PART.foot,
      () => LABEL.skin,
      footWeights,
    ),
  ]);
}

import { add, cross, scale, sub, unit, type Vec3 } from '@lotus-steady/core/body';
import { mixed, type Paint } from '../draw/paint.js';
import type { Piece, Solid } from './pieces.js';

/** Props as triangles: three corners and a number into `paints`. */
export interface PropMesh {
  points: Vec3[];
  triangles: [number, number, number, number][];
  paints: Paint[];
  /** Corners that show as corners: boundaries run straight between them. */
  corners: Vec3[];
}

/** Corners of a box's faces, by bits x y z of a corner's number; how far towards the edge's colour each is drawn. */
const FACES = [
  [2, 3, 7, 6, 0],
  [0, 1, 5, 4, 34],
  [4, 5, 7, 6, 16],
  [0, 1, 3, 2, 16],
  [1, 3, 7, 5, 26],
  [0, 2, 6, 4, 26],
] as const;

function addBox(
  mesh: PropMesh,
  { min, max }: Extract<Solid, { kind: 'box' }>,
  { tone, layer = 0 }: Piece,
): void {
  const first = mesh.points.length;
  for (let i = 0; i < 8; i++) {
    const corner: Vec3 = [i & 1 ? max[0] : min[0], i & 2 ? max[1] : min[1], i & 4 ? max[2] : min[2]];
    mesh.points.push(corner);
    mesh.corners.push(corner);
  }
  const darker = layer % 2 ? 7 : 0;
  const paints = new Map<number, number>();
  for (const [a, b, c, d, percent] of FACES) {
    if (!paints.has(percent)) paints.set(percent, paint(mesh, tone, percent + darker));
    const face = paints.get(percent)!;
    mesh.triangles.push([first + a, first + b, first + c, face], [first + a, first + c, first + d, face]);
  }
}

const ROUND = 20;
const RINGS = 10;

/** Ends are rounded, a little flatter than half a ball. */
function addTube(
  mesh: PropMesh,
  { from, to, radius }: Extract<Solid, { kind: 'tube' }>,
  { tone }: Piece,
): void {
  const axis = unit(sub(to, from));
  const u = unit(cross(Math.abs(axis[1]) < 0.9 ? [0, 1, 0] : [1, 0, 0], axis));
  const w = cross(axis, u);
  const face = paint(mesh, tone, 0);
  const first = mesh.points.length;
  const thin = radius < 2;
  const rings = thin ? 3 : RINGS;
  const round = thin ? 8 : ROUND;
  for (let i = 0; i <= rings; i++) {
    const start = i <= rings / 2;
    const t = start ? i / Math.floor(rings / 2) : (rings - i) / Math.floor(rings / 2);
    const angle = ((1 - Math.min(1, t * 1.15)) * Math.PI) / 2;
    const along = Math.sin(angle) * radius * 0.85 * (start ? -1 : 1);
    const r = Math.cos(angle) * radius + 1e-3;
    const centre = add(start ? from : to, scale(axis, along));
    for (let j = 0; j < round; j++) {
      const turn = (j / round) * 2 * Math.PI;
      mesh.points.push(add(centre, add(scale(u, r * Math.cos(turn)), scale(w, r * Math.sin(turn)))));
    }
  }
  for (let i = 0; i < rings; i++)
    for (let j = 0; j < round; j++) {
      const p = first + i * round + j;
      const q = first + i * round + ((j + 1) % round);
      mesh.triangles.push([p, q, q + round, face], [p, q + round, p + round, face]);
    }
}

/** What a prop's tone is mixed from: a colour of the palette, how much of the edge's, and its outline. */
function paintOf(tone: Piece['tone'], percent: number): Paint {
  switch (tone) {
    case 'strap':
      return { fill: mixed('cloth', 'edge', 45), stroke: mixed('edge', 'edge', 0) };
    case 'metal':
      return { fill: mixed('edge', 'paper', 35), stroke: mixed('edge', 'paper', 25) };
    default:
      return { fill: mixed(tone, 'edge', percent), stroke: mixed(tone, 'edge', 55) };
  }
}

/** The number of a paint: faces of one tone that look the same way share theirs. */
function paint(mesh: PropMesh, tone: Piece['tone'], percent: number): number {
  const made = paintOf(tone, percent);
  const known = mesh.paints.findIndex(({ fill }) => fill === made.fill);
  if (known >= 0) return known;
  mesh.paints.push(made);
  return mesh.paints.length - 1;
}

/** The triangles of some pieces. */
export function propMeshOf(pieces: readonly Piece[]): PropMesh {
  const mesh: PropMesh = { points: [], triangles: [], paints: [], corners: [] };
  for (const piece of pieces) {
    if (piece.solid.kind === 'box') addBox(mesh, piece.solid, piece);
    else addTube(mesh, piece.solid, piece);
  }
  return mesh;
}

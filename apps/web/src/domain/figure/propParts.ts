import {
  add,
  chairBoxes,
  lerp,
  mean,
  scale,
  sub,
  unit,
  type Body,
  type PropPlacement,
  type SideLetter,
  type Vec3,
} from '@lotus-steady/core';
import { sampleChain, type Ball3, type Part, type Tone } from './parts.js';

/** Half a block's width and depth on the floor, cm, by how it lies. */
const BLOCK_HALVES = { upright: [7.5, 5], across: [11, 5], along: [7.5, 11] } as const;

type Points = Body['points'];
type Placed<Kind extends PropPlacement['kind']> = Extract<PropPlacement, { kind: Kind }>;

function boxPart(name: string, tone: Tone, a: Vec3, b: Vec3, layer = 0): Part {
  const min = a.map((v, i) => Math.min(v, b[i]!)) as Vec3;
  const max = a.map((v, i) => Math.max(v, b[i]!)) as Vec3;
  const samples: Ball3[] = [];
  const grid = (axis: 0 | 1 | 2, n: number): number => min[axis] + ((max[axis] - min[axis]) * n) / 4;
  for (let i = 0; i < 5; i++)
    for (let j = 0; j < 5; j++)
      for (let k = 0; k < 5; k++) {
        if ([i, j, k].some((v) => v === 0 || v === 4))
          samples.push([[grid(0, i), grid(1, j), grid(2, k)], 0.6]);
      }
  return { kind: 'box', name, tone, min, max, layer, samples };
}

const middleOf = (points: Points, names: readonly string[]): Vec3 => mean(names.map((name) => points[name]!));

function chairParts(prop: Placed<'chair'>): Part[] {
  const { x = 0, z = 0, faces = 1 } = prop;
  const f = (v: number): number => x + faces * v;
  const seat = chairBoxes([prop]).find((box) => box.part === 'seat')!;
  const wood = (a: Vec3, b: Vec3): Part => boxPart('chair', 'wood', a, b);
  return [
    wood(seat.min, seat.max),
    wood([f(-24), 78, z - 19], [f(-21), 88, z + 19]),
    wood([f(-24), 62, z - 19], [f(-21), 68, z + 19]),
    ...[-1, 1].flatMap((s) => [
      wood([f(-24), 0, z + s * 21], [f(-21), 78, z + s * 18]),
      wood([f(16.5), 0, z + s * 20], [f(19.5), seat.min[1], z + s * 17]),
    ]),
  ];
}

function blockParts(prop: Placed<'block'>, points: Points): Part[] {
  const c = middleOf(points, prop.under);
  const [a, b] = BLOCK_HALVES[prop.lies ?? 'along'];
  return [boxPart('block', 'cloth', [c[0] - a, 0, c[2] - b], [c[0] + a, prop.heightCm, c[2] + b])];
}

function stoolParts(prop: Placed<'stool'>): Part[] {
  const {
    x,
    z = 0,
    heightCm,
    size: [long, wide],
  } = prop;
  const y = heightCm - 4;
  // A low one is solid like a step or couch; a high one stands on legs like a table.
  if (heightCm < 55)
    return [
      boxPart('stool', 'wood', [x - long / 2, 0, z - wide / 2], [x + long / 2, heightCm, z + wide / 2]),
    ];
  return [
    boxPart('table', 'wood', [x - long / 2, y, z - wide / 2], [x + long / 2, heightCm, z + wide / 2]),
    ...[-1, 1].flatMap((i) =>
      [-1, 1].map((j) =>
        boxPart(
          'table',
          'wood',
          [x + i * (long / 2 - 1), 0, z + j * (wide / 2 - 1)],
          [x + i * (long / 2 - 5), y, z + j * (wide / 2 - 5)],
        ),
      ),
    ),
  ];
}

function rollParts(prop: Placed<'roll'>, points: Points): Part[] {
  const [a, b] = prop.between.map((name) => points[name]!) as [Vec3, Vec3];
  const centre = lerp(a, b, 0.5);
  const r = prop.thickCm / 2;
  // Lies along the thigh it is held by.
  const side = prop.between[0].slice(-1) as SideLetter;
  const thigh = unit(sub(points[`knee${side}`]!, points[`hipJ${side}`]!));
  const half = scale(thigh, prop.lengthCm / 2 - r);
  const balls: Ball3[] = [
    [sub(centre, half), r],
    [add(centre, half), r],
  ];
  return [{ kind: 'chain', name: 'roll', tone: 'cloth', balls, samples: sampleChain(balls) }];
}

function strapParts(prop: Placed<'strap'>, points: Points): Part[] {
  const balls = prop.through.map((name): Ball3 => [points[name]!, 1.1]);
  return balls.slice(1).map((ball, i): Part => ({
    kind: 'chain',
    name: 'strap',
    tone: 'cloth',
    balls: [balls[i]!, ball],
    samples: sampleChain([balls[i]!, ball]),
  }));
}

function bolsterParts(prop: Placed<'bolster'>, points: Points): Part[] {
  const r = prop.heightCm / 2;
  const c = middleOf(points, prop.under);
  const centre: Vec3 = [c[0], (prop.baseCm ?? 0) + r, c[2]];
  const half = scale(unit(prop.along ?? [1, 0, 0]), (prop.lengthCm ?? 60) / 2 - r);
  const balls: Ball3[] = [
    [sub(centre, half), r],
    [add(centre, half), r],
  ];
  return [{ kind: 'chain', name: 'bolster', tone: 'cloth', balls, samples: sampleChain(balls) }];
}

function blanketParts(prop: Placed<'blanket'>, points: Points): Part[] {
  const spots = prop.under.map((name) => points[name]!);
  const c = middleOf(points, prop.under);
  const half = prop.small ? 13 : 20;
  const right = Math.max(...spots.map((p) => p[0]));
  const front = Math.max(...spots.map((p) => p[2]));
  const back = Math.min(...spots.map((p) => p[2]));
  const x0 = prop.edge ? points[prop.edge]![0] - 2.5 : c[0] - half;
  const x1 = prop.edge ? Math.max(right + 8, x0 + 50) : c[0] + half;
  const wide = prop.small ? 16 : Math.max(24, (front - back) / 2 + 7);
  const layer = prop.heightCm / prop.count;
  return Array.from({ length: prop.count }, (_, i) =>
    boxPart('blanket', 'cloth', [x0, layer * i, c[2] - wide], [x1, layer * (i + 1), c[2] + wide], i),
  );
}

/** The parts of one prop, placed under the body it supports. */
export function propParts(prop: PropPlacement, { points }: Body): Part[] {
  switch (prop.kind) {
    case 'wall':
      return [];
    case 'chair':
      return chairParts(prop);
    case 'block':
      return blockParts(prop, points);
    case 'stool':
      return stoolParts(prop);
    case 'roll':
      return rollParts(prop, points);
    case 'strap':
      return strapParts(prop, points);
    case 'bolster':
      return bolsterParts(prop, points);
    case 'blanket':
      return blanketParts(prop, points);
  }
}

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
} from '@lotus-steady/core/body';

/** A solid in the room, cm: an upright box, or a tube with rounded ends. */
export type Solid =
  { kind: 'box'; min: Vec3; max: Vec3 } | { kind: 'tube'; from: Vec3; to: Vec3; radius: number };

export type PropTone = 'wood' | 'cloth' | 'strap' | 'metal';

/** One piece of a prop. */
export interface Piece {
  solid: Solid;
  tone: PropTone;
  /** Which of a stack it is, from below: every other one is a shade darker. */
  layer?: number;
  /** Whether skin rests on it and may not sink in. */
  firm: boolean;
}

/** Half a block's width and depth on the floor, cm, by how it lies. */
const BLOCK_HALVES = { upright: [7.5, 5], across: [11, 5], along: [7.5, 11] } as const;

type Points = Body['points'];
type Placed<Kind extends PropPlacement['kind']> = Extract<PropPlacement, { kind: Kind }>;

function box(tone: PropTone, a: Vec3, b: Vec3, layer?: number): Piece {
  const min = a.map((v, i) => Math.min(v, b[i]!)) as Vec3;
  const max = a.map((v, i) => Math.max(v, b[i]!)) as Vec3;
  return { solid: { kind: 'box', min, max }, tone, firm: true, layer };
}

/** A leg of furniture: nobody rests on it, and what passes it is not bent round it. */
const frame = (piece: Piece): Piece => ({ ...piece, firm: false });

const tube = (tone: PropTone, from: Vec3, to: Vec3, radius: number, firm: boolean): Piece => ({
  solid: { kind: 'tube', from, to, radius },
  tone,
  firm,
});

const middleOf = (points: Points, names: readonly string[]): Vec3 => mean(names.map((name) => points[name]!));

function chair({ x = 0, z = 0, faces = 1, ...prop }: Placed<'chair'>): Piece[] {
  const f = (v: number): number => x + faces * v;
  const seat = chairBoxes([{ ...prop, x, z, faces }]).find((part) => part.part === 'seat')!;
  return [
    box('wood', seat.min, seat.max),
    box('wood', [f(-24), 78, z - 19], [f(-21), 88, z + 19]),
    frame(box('wood', [f(-24), 62, z - 19], [f(-21), 68, z + 19])),
    ...[-1, 1].flatMap((side) => [
      frame(box('wood', [f(-24), 0, z + side * 21], [f(-21), 78, z + side * 18])),
      frame(box('wood', [f(16.5), 0, z + side * 20], [f(19.5), seat.min[1], z + side * 17])),
    ]),
  ];
}

/** Spokes and rim are drawn as short tubes round the hub. */
function wheel(hub: Vec3, radius: number, tyre: number): Piece[] {
  const at = (i: number): Vec3 => {
    const turn = (i / 28) * 2 * Math.PI;
    return [hub[0] + radius * Math.cos(turn), hub[1] + radius * Math.sin(turn), hub[2]];
  };
  return [
    ...Array.from({ length: 28 }, (_, i) => tube('metal', at(i), at(i + 1), tyre, false)),
    ...[0, 7, 14, 21].map((i) => tube('metal', hub, at(i + 3), 0.5, false)),
  ];
}

/** A wheelchair in the place of a chair: the same seat, a low back, large wheels behind and small ones in front. */
function wheelchair({ x = 0, z = 0, faces = 1, ...prop }: Placed<'chair'>): Piece[] {
  const f = (v: number): number => x + faces * v;
  const seat = chairBoxes([{ ...prop, x, z, faces }]).find((part) => part.part === 'seat')!;
  return [
    box('cloth', seat.min, seat.max),
    box('cloth', [f(-23.5), 58, z - 19], [f(-21), 82, z + 19]),
    ...[-1, 1].flatMap((side) => [
      tube('metal', [f(-22.5), 44, z + side * 20], [f(-22.5), 86, z + side * 20], 1.1, false),
      tube('metal', [f(-22.5), 86, z + side * 20], [f(-30), 86, z + side * 20], 1.3, false),
      tube('metal', [f(18), 43, z + side * 20], [f(27), 12, z + side * 17], 1.1, false),
      tube('metal', [f(27), 8, z + side * 17], [f(36), 7, z + side * 10], 1.3, false),
      ...wheel([f(-12), 30, z + side * 25], 29, 1.3),
      ...wheel([f(22), 8, z + side * 18], 7, 1.2),
    ]),
  ];
}

function block(prop: Placed<'block'>, points: Points): Piece[] {
  const c = middleOf(points, prop.under);
  const [a, b] = BLOCK_HALVES[prop.lies ?? 'along'];
  return [box('cloth', [c[0] - a, 0, c[2] - b], [c[0] + a, prop.heightCm, c[2] + b])];
}

/** A low one is solid like a step or couch; a high one stands on legs like a table. */
function stool({ x, z = 0, heightCm, size: [long, wide] }: Placed<'stool'>): Piece[] {
  const top = (low: number): Piece =>
    box('wood', [x - long / 2, low, z - wide / 2], [x + long / 2, heightCm, z + wide / 2]);
  if (heightCm < 55) return [top(0)];
  const y = heightCm - 4;
  return [
    top(y),
    ...[-1, 1].flatMap((i) =>
      [-1, 1].map((j) =>
        frame(
          box(
            'wood',
            [x + i * (long / 2 - 1), 0, z + j * (wide / 2 - 1)],
            [x + i * (long / 2 - 5), y, z + j * (wide / 2 - 5)],
          ),
        ),
      ),
    ),
  ];
}

/** Lies along the thigh it is held by. */
function roll(prop: Placed<'roll'>, points: Points): Piece[] {
  const [a, b] = prop.between.map((name) => points[name]!) as [Vec3, Vec3];
  const side = prop.between[0].slice(-1) as SideLetter;
  const radius = prop.thickCm / 2;
  const thigh = unit(sub(points[`knee${side}`]!, points[`hipJ${side}`]!));
  const half = scale(thigh, prop.lengthCm / 2 - radius);
  const centre = lerp(a, b, 0.5);
  return [tube('cloth', sub(centre, half), add(centre, half), radius, false)];
}

const strap = ({ through }: Placed<'strap'>, points: Points): Piece[] =>
  through.slice(1).map((name, i) => tube('strap', points[through[i]!]!, points[name]!, 1.1, false));

function bolster(prop: Placed<'bolster'>, points: Points): Piece[] {
  const radius = prop.heightCm / 2;
  const c = middleOf(points, prop.under);
  const centre: Vec3 = [c[0], (prop.baseCm ?? 0) + radius, c[2]];
  const half = scale(unit(prop.along ?? [1, 0, 0]), (prop.lengthCm ?? 60) / 2 - radius);
  return [tube('cloth', sub(centre, half), add(centre, half), radius, true)];
}

function blankets(prop: Placed<'blanket'>, points: Points): Piece[] {
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
    box('cloth', [x0, layer * i, c[2] - wide], [x1, layer * (i + 1), c[2] + wide], i),
  );
}

/**
 * The pieces of some props, placed under the body they support.
 *
 * @param onWheels whether a chair that she sits on is her own wheelchair
 */
export function piecesOf(props: readonly PropPlacement[], { points }: Body, onWheels = false): Piece[] {
  return props.flatMap((prop) => {
    switch (prop.kind) {
      case 'wall':
        return [];
      case 'chair':
        return onWheels ? wheelchair(prop) : chair(prop);
      case 'block':
        return block(prop, points);
      case 'stool':
        return stool(prop);
      case 'roll':
        return roll(prop, points);
      case 'strap':
        return strap(prop, points);
      case 'bolster':
        return bolster(prop, points);
      case 'blanket':
        return blankets(prop, points);
    }
  });
}

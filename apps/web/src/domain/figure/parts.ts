import {
  add,
  BUILDS,
  chairBoxes,
  lerp,
  length,
  mean,
  rotate,
  scale,
  SIDES,
  signOf,
  sub,
  unit,
  partOfFrame,
  type Body,
  type PropPlacement,
  type SideLetter,
  type Vec3,
} from '@lotus-steady/core';

/** Half a block's width and depth on the floor, cm, by how it lies. */
const BLOCK_HALVES = { upright: [7.5, 5], across: [11, 5], along: [7.5, 11] } as const;

/** Which of the figure's colours a part takes. */
export type Tone = 'top' | 'leg' | 'skin' | 'hair' | 'wood' | 'cloth';

/** A ball in the room: centre and radius in cm. Parts are hulls and chains of these. */
export type Ball3 = readonly [Vec3, number];

interface Common {
  name: string;
  tone: Tone;
  /** Whole limb for shading: one tint per arm, leg or trunk, or the joints would show. */
  limb?: string;
  /** Balls along the part, for sorting by depth, bounds and shadow. */
  samples: Ball3[];
}

/** Something the figure is made of. */
export type Part = Common &
  (
    | { kind: 'chain'; balls: readonly Ball3[] }
    | { kind: 'hulls'; hulls: readonly (readonly Ball3[])[] }
    | { kind: 'rings'; rings: readonly (readonly Vec3[])[] }
    | { kind: 'head' }
    | { kind: 'box'; min: Vec3; max: Vec3; layer: number }
  );

// Trunk sections: frame, offset up and forward from it, half width, half depth (shares of height).
const SECTIONS: readonly (readonly [string, number, number, number, number])[] = [
  ['pelvis', -0.048, -0.004, 0.058, 0.042],
  ['pelvis', -0.02, -0.008, 0.086, 0.06],
  ['pelvis', 0.012, -0.006, 0.092, 0.063],
  ['L5', -0.012, -0.002, 0.083, 0.056],
  ['L3', -0.012, 0, 0.07, 0.05],
  ['L3', 0.018, 0, 0.067, 0.049],
  ['T12', 0, 0.002, 0.072, 0.052],
  ['T8', -0.018, 0.006, 0.081, 0.06],
  ['T8', 0.03, 0.01, 0.087, 0.063],
  ['T3', 0.012, 0.004, 0.09, 0.056],
  ['C7', -0.04, 0, 0.088, 0.044],
  ['C7', -0.014, 0, 0.06, 0.034],
  ['C7', 0.006, 0, 0.034, 0.03],
];
const TRUNK_BLOCKS = [
  [0, 4, 'leg', 'hips'],
  [4, 7, 'top', 'waist'],
  [7, 12, 'top', 'chest'],
] as const;

function sampleBetween([a, ra]: Ball3, [b, rb]: Ball3): Ball3[] {
  const n = Math.max(1, Math.ceil(length(sub(a, b)) / 4));
  return Array.from({ length: n + 1 }, (_, i): Ball3 => [lerp(a, b, i / n), ra + ((rb - ra) * i) / n]);
}
const sampleChain = (balls: readonly Ball3[]): Ball3[] =>
  balls.slice(1).flatMap((ball, i) => sampleBetween(balls[i]!, ball));

/** The body's parts: limbs, hands, feet, trunk, neck, head. */
export function bodyParts(body: Body): Part[] {
  const { frames, points, heightCm: h, build } = body;
  const parts: Part[] = [];
  const at = (frame: string, x: number, y: number, z: number): Vec3 => {
    const k = h * BUILDS[build][partOfFrame(frame)];
    return add(frames[frame]!.origin, rotate(frames[frame]!.rotation, [x * k, y * k, z * k]));
  };
  const chain = (name: string, tone: Tone, limb: string, ...balls: (readonly [Vec3, number])[]): void => {
    const scaled = balls.map(([v, r]): Ball3 => [v, r * h]);
    parts.push({ kind: 'chain', name, tone, limb, balls: scaled, samples: sampleChain(scaled) });
  };
  const hulls = (name: string, limb: string, ...lists: (readonly (readonly [Vec3, number])[])[]): void => {
    const scaled = lists.map((list) => list.map(([v, r]): Ball3 => [v, r * h]));
    parts.push({
      kind: 'hulls',
      name,
      tone: 'skin',
      limb,
      hulls: scaled,
      samples: scaled.flatMap(sampleChain),
    });
  };
  for (const s of SIDES) {
    leg(s);
    arm(s);
  }
  function leg(s: SideLetter): void {
    const k = signOf(s);
    const thigh = `thigh${s}`;
    const shank = `shank${s}`;
    const foot = `foot${s}`;
    const limb = `leg${s}`;
    const knee = frames[shank]!.origin;
    const ankle = frames[foot]!.origin;
    const middle = add(
      lerp(frames[thigh]!.origin, knee, 0.5),
      rotate(frames[thigh]!.rotation, [0.004 * h, 0, 0]),
    );
    const calf = at(shank, -0.008, -0.075, 0);
    const cuff = at(shank, -0.002, -0.2, 0);
    chain(`${thigh}1`, 'leg', limb, [at(thigh, 0, 0, 0.006 * k), 0.056], [middle, 0.047]);
    chain(`${thigh}2`, 'leg', limb, [middle, 0.047], [knee, 0.035]);
    chain(`${shank}1`, 'leg', limb, [knee, 0.035], [calf, 0.036]);
    chain(`${shank}2`, 'leg', limb, [calf, 0.036], [cuff, 0.023]);
    // A wedge from ankle over heel to ball, and toes, which bend so that they stay above the floor.
    const heel = at(foot, -0.02, -0.024, 0);
    const big = at(foot, 0.072, -0.027, -0.016 * k);
    const small = at(foot, 0.066, -0.029, 0.018 * k);
    const toe = (x: number, y: number, z: number): Vec3 => {
      const tip = at(foot, x, y, z);
      return [tip[0], Math.max(tip[1], 0.008 * h), tip[2]];
    };
    hulls(
      foot,
      limb,
      [
        [cuff, 0.022],
        [ankle, 0.022],
      ],
      [
        [ankle, 0.023],
        [heel, 0.018],
        [at(foot, -0.012, -0.03, 0), 0.014],
      ],
      [
        [ankle, 0.022],
        [at(foot, 0.045, -0.012, 0), 0.018],
        [heel, 0.016],
        [big, 0.012],
        [small, 0.011],
      ],
      [
        [big, 0.012],
        [small, 0.011],
        [toe(0.112, -0.03, -0.014 * k), 0.008],
        [toe(0.1, -0.031, 0.014 * k), 0.007],
      ],
    );
  }
  function arm(s: SideLetter): void {
    const k = signOf(s);
    const hand = `hand${s}`;
    const limb = `arm${s}`;
    const shoulder = frames[`upperArm${s}`]!.origin;
    const elbow = frames[`forearm${s}`]!.origin;
    const wrist = frames[hand]!.origin;
    const upper = lerp(shoulder, elbow, 0.5);
    const lower = lerp(elbow, wrist, 0.35);
    chain(`upperArm${s}1`, 'top', limb, [shoulder, 0.033], [upper, 0.028]);
    chain(`upperArm${s}2`, 'skin', limb, [upper, 0.026], [elbow, 0.023]);
    chain(`forearm${s}1`, 'skin', limb, [elbow, 0.023], [lower, 0.024]);
    chain(`forearm${s}2`, 'skin', limb, [lower, 0.024], [wrist, 0.015]);
    const index = at(hand, 0.02, -0.055, 0);
    const little = at(hand, -0.019, -0.05, 0);
    hulls(
      hand,
      limb,
      [
        [wrist, 0.015],
        [index, 0.01],
        [little, 0.01],
      ],
      [
        [index, 0.01],
        [little, 0.01],
        [at(hand, 0.01, -0.108, -0.006 * k), 0.006],
        [at(hand, -0.012, -0.1, -0.006 * k), 0.006],
      ],
      [
        [at(hand, 0.012, -0.018, -0.004 * k), 0.011],
        [at(hand, 0.036, -0.055, -0.014 * k), 0.007],
      ],
    );
  }

  const rings = SECTIONS.map(([frame, y, x, a, b]) =>
    Array.from({ length: 20 }, (_, i) => {
      const t = (i * Math.PI) / 10;
      return at(frame, x + b * Math.cos(t), y, a * Math.sin(t));
    }),
  );
  const sectionBalls = (i: number, t: number): Ball3[] => {
    const [f1, y1, x1, a1, b1] = SECTIONS[i]!;
    const [f2, y2, x2, a2, b2] = SECTIONS[i + 1]!;
    const centre = lerp(at(f1, x1, y1, 0), at(f2, x2, y2, 0), t);
    const across = rotate(frames[f1]!.rotation, [0, 0, 1]);
    const a = (a1 + (a2 - a1) * t) * h;
    const b = (b1 + (b2 - b1) * t) * h;
    return [-1, -0.5, 0, 0.5, 1].map((f): Ball3 => [add(centre, scale(across, (a - b) * f)), b]);
  };
  for (const [from, to, tone, name] of TRUNK_BLOCKS) {
    const samples: Ball3[] = [];
    for (let i = from; i < to; i++) for (const t of [0, 0.34, 0.68]) samples.push(...sectionBalls(i, t));
    parts.push({ kind: 'rings', name, tone, limb: 'trunk', rings: rings.slice(from, to + 1), samples });
  }
  chain(
    'neck',
    'skin',
    'neck',
    [at('C7', 0, -0.004, 0), 0.034],
    [at('C4', 0.002, 0, 0), 0.031],
    [at('head', 0, 0.004, 0), 0.031],
  );
  parts.push({
    kind: 'head',
    name: 'head',
    tone: 'skin',
    limb: 'head',
    samples: [
      [points.headMiddle!, 0.06 * h * BUILDS[build].head],
      [points.crown!, 0.02 * h],
      [at('head', 0.03, -0.03, 0), 0.03 * h],
    ],
  });
  return parts;
}

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

/** The parts of one prop, placed under the body it supports. */
export function propParts(prop: PropPlacement, { points }: Body): Part[] {
  const middle = (names: readonly string[]): Vec3 => mean(names.map((name) => points[name]!));
  switch (prop.kind) {
    case 'wall':
      return [];
    case 'chair': {
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
    case 'block': {
      const c = middle(prop.under);
      const [a, b] = BLOCK_HALVES[prop.lies ?? 'along'];
      return [boxPart('block', 'cloth', [c[0] - a, 0, c[2] - b], [c[0] + a, prop.heightCm, c[2] + b])];
    }
    case 'stool': {
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
    case 'roll': {
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
    case 'strap': {
      const balls = prop.through.map((name): Ball3 => [points[name]!, 1.1]);
      return balls.slice(1).map((ball, i): Part => ({
        kind: 'chain',
        name: 'strap',
        tone: 'cloth',
        balls: [balls[i]!, ball],
        samples: sampleChain([balls[i]!, ball]),
      }));
    }
    case 'bolster': {
      const r = prop.heightCm / 2;
      const c = middle(prop.under);
      const centre: Vec3 = [c[0], (prop.baseCm ?? 0) + r, c[2]];
      const half = scale(unit(prop.along ?? [1, 0, 0]), (prop.lengthCm ?? 60) / 2 - r);
      const balls: Ball3[] = [
        [sub(centre, half), r],
        [add(centre, half), r],
      ];
      return [{ kind: 'chain', name: 'bolster', tone: 'cloth', balls, samples: sampleChain(balls) }];
    }
    case 'blanket': {
      const spots = prop.under.map((name) => points[name]!);
      const c = middle(prop.under);
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
  }
}

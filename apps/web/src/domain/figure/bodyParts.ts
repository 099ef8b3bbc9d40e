import {
  add,
  BUILDS,
  lerp,
  partOfFrame,
  rotate,
  scale,
  SIDES,
  signOf,
  type Body,
  type SideLetter,
  type Vec3,
} from '@lotus-steady/core';
import { sampleChain, type Ball3, type Part, type Tone } from './parts.js';

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

/** The body's parts: limbs, hands, feet, trunk, neck, head. */
export function bodyParts(body: Body): Part[] {
  const shaper = shaperOf(body);
  return [
    ...SIDES.flatMap((s) => [...legParts(shaper, s), ...armParts(shaper, s)]),
    ...trunkParts(shaper),
    ...neckAndHead(shaper),
  ];
}

/** A place and a radius as a share of the height. */
type Shared = readonly [Vec3, number];
type Hull = readonly Shared[];

/** What shapes the parts of one body: places on its bones, chains and hulls of balls of its size. */
function shaperOf(body: Body) {
  const { frames, heightCm: h, build } = body;
  return {
    body,
    /** A place on a bone, as shares of the height: forward, up, to the right. */
    at: (frame: string, x: number, y: number, z: number): Vec3 => {
      const k = h * BUILDS[build][partOfFrame(frame)];
      return add(frames[frame]!.origin, rotate(frames[frame]!.rotation, [x * k, y * k, z * k]));
    },
    chain: (name: string, tone: Tone, limb: string, ...balls: Shared[]): Part => {
      const scaled = balls.map(([v, r]): Ball3 => [v, r * h]);
      return { kind: 'chain', name, tone, limb, balls: scaled, samples: sampleChain(scaled) };
    },
    hulls: (name: string, limb: string, ...lists: Hull[]): Part => {
      const scaled = lists.map((list) => list.map(([v, r]): Ball3 => [v, r * h]));
      return { kind: 'hulls', name, tone: 'skin', limb, hulls: scaled, samples: scaled.flatMap(sampleChain) };
    },
  };
}
type Shaper = ReturnType<typeof shaperOf>;

/** Thigh and shank, each in two, and the foot. */
function legParts(shaper: Shaper, s: SideLetter): Part[] {
  const {
    body: { frames, heightCm: h },
    at,
    chain,
    hulls,
  } = shaper;
  const k = signOf(s);
  const thigh = `thigh${s}`;
  const shank = `shank${s}`;
  const limb = `leg${s}`;
  const knee = frames[shank]!.origin;
  const middle = add(
    lerp(frames[thigh]!.origin, knee, 0.5),
    rotate(frames[thigh]!.rotation, [0.004 * h, 0, 0]),
  );
  const calf = at(shank, -0.008, -0.075, 0);
  const cuff = at(shank, -0.002, -0.2, 0);
  return [
    chain(`${thigh}1`, 'leg', limb, [at(thigh, 0, 0, 0.006 * k), 0.056], [middle, 0.047]),
    chain(`${thigh}2`, 'leg', limb, [middle, 0.047], [knee, 0.035]),
    chain(`${shank}1`, 'leg', limb, [knee, 0.035], [calf, 0.036]),
    chain(`${shank}2`, 'leg', limb, [calf, 0.036], [cuff, 0.023]),
    hulls(`foot${s}`, limb, ...footHulls(shaper, s, cuff)),
  ];
}

/** A wedge from ankle over heel to ball, and toes, which bend so that they stay above the floor. */
function footHulls({ body: { frames, heightCm: h }, at }: Shaper, s: SideLetter, cuff: Vec3): Hull[] {
  const k = signOf(s);
  const foot = `foot${s}`;
  const ankle = frames[foot]!.origin;
  const heel = at(foot, -0.02, -0.024, 0);
  const big = at(foot, 0.072, -0.027, -0.016 * k);
  const small = at(foot, 0.066, -0.029, 0.018 * k);
  const toe = (x: number, y: number, z: number): Vec3 => {
    const tip = at(foot, x, y, z);
    return [tip[0], Math.max(tip[1], 0.008 * h), tip[2]];
  };
  return [
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
  ];
}

/** Upper arm, in and out of the sleeve, forearm in two, and the hand. */
function armParts({ body: { frames }, at, chain, hulls }: Shaper, s: SideLetter): Part[] {
  const k = signOf(s);
  const hand = `hand${s}`;
  const limb = `arm${s}`;
  const shoulder = frames[`upperArm${s}`]!.origin;
  const elbow = frames[`forearm${s}`]!.origin;
  const wrist = frames[hand]!.origin;
  const upper = lerp(shoulder, elbow, 0.5);
  const lower = lerp(elbow, wrist, 0.35);
  const index = at(hand, 0.02, -0.055, 0);
  const little = at(hand, -0.019, -0.05, 0);
  return [
    chain(`upperArm${s}1`, 'top', limb, [shoulder, 0.033], [upper, 0.028]),
    chain(`upperArm${s}2`, 'skin', limb, [upper, 0.026], [elbow, 0.023]),
    chain(`forearm${s}1`, 'skin', limb, [elbow, 0.023], [lower, 0.024]),
    chain(`forearm${s}2`, 'skin', limb, [lower, 0.024], [wrist, 0.015]),
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
    ),
  ];
}

/** Hips, waist and chest as rings of flesh round the spine. */
function trunkParts({ body: { frames, heightCm: h }, at }: Shaper): Part[] {
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
  return TRUNK_BLOCKS.map(([from, to, tone, name]): Part => {
    const samples: Ball3[] = [];
    for (let i = from; i < to; i++) for (const t of [0, 0.34, 0.68]) samples.push(...sectionBalls(i, t));
    return { kind: 'rings', name, tone, limb: 'trunk', rings: rings.slice(from, to + 1), samples };
  });
}

function neckAndHead({ body: { points, heightCm: h, build }, at, chain }: Shaper): Part[] {
  return [
    chain(
      'neck',
      'skin',
      'neck',
      [at('C7', 0, -0.004, 0), 0.034],
      [at('C4', 0.002, 0, 0), 0.031],
      [at('head', 0, 0.004, 0), 0.031],
    ),
    {
      kind: 'head',
      name: 'head',
      tone: 'skin',
      limb: 'head',
      samples: [
        [points.headMiddle!, 0.06 * h * BUILDS[build].head],
        [points.crown!, 0.02 * h],
        [at('head', 0.03, -0.03, 0), 0.03 * h],
      ],
    },
  ];
}

/** Which bones move a place of the body's surface, and by how much. Right half only. */
import type { Vec3 } from '@lotus-steady/core/body';
import { inFrame, REST } from './rest.js';
import type { Surface } from './surfaceNets.js';

export type Weights = [bone: string, weight: number][];

/** 0 up to `a`, 1 from `b` on, smooth between; `a` may be the larger. */
export const smoothStep = (a: number, b: number, value: number): number => {
  const t = Math.max(0, Math.min(1, (value - a) / (b - a)));
  return t * t * (3 - 2 * t);
};
const share = (from: number, over: number, value: number): number =>
  Math.max(0, Math.min(1, (value - from) / over));

/** Where along the spine each bone moves the flesh alone, cm above the hips. */
const SPINE: readonly (readonly [bone: string, y: number])[] = [
  ['pelvis', 6],
  ['L3', 14],
  ['T12', 22.3],
  ['T8', 31],
  ['T3', 40],
  ['C7', 49],
  ['C4', 56.5],
  ['head', 63],
];

function trunkWeights(place: Vec3): Weights {
  const [x, y, z] = place;
  const above = SPINE.findIndex(([, at]) => at > y);
  const spine: Weights = [];
  if (above <= 0) spine.push([above === 0 ? 'pelvis' : 'head', 1]);
  else {
    const [lower, from] = SPINE[above - 1]!;
    const [upper, to] = SPINE[above]!;
    const t = (y - from) / (to - from);
    spine.push([lower, 1 - t], [upper, t]);
  }
  // The shoulder girdle takes what is near the joint.
  const joint = REST.frames.upperArmR!.origin;
  const away = Math.hypot((x - joint[0]) * 0.8, (y - joint[1]) * 0.8, z - joint[2]);
  const girdle = (1 - smoothStep(4, 15.5, away)) * smoothStep(2.5, 9, z);
  return [...spine.map(([bone, w]): [string, number] => [bone, w * (1 - girdle)]), ['clavR', girdle]];
}

function armWeights(place: Vec3): Weights {
  const upper = -inFrame('upperArmR', place)[1];
  const fore = -inFrame('forearmR', place)[1];
  const bent = smoothStep(-5, 5, (upper - 30.7 + fore) / 2);
  // A turn about the limb's own length spreads over it.
  const turned = share(3, 20, upper);
  const pronated = share(3, 17, fore);
  const hand = smoothStep(21.8, 26.4, fore);
  return [
    ['upperArmAR', (1 - bent) * (1 - turned)],
    ['upperArmBR', (1 - bent) * turned],
    ['forearmAR', bent * (1 - pronated) * (1 - hand)],
    ['forearmBR', bent * pronated * (1 - hand)],
    ['handR', hand],
  ];
}

function legWeights(place: Vec3): Weights {
  const thigh = -inFrame('thighR', place)[1];
  const shank = -inFrame('shankR', place)[1];
  const bent = smoothStep(-6.5, 6.5, (thigh - 40.4 + shank) / 2);
  const turned = share(4, 28, thigh);
  const foot = smoothStep(36.5, 43, shank);
  return [
    ['thighAR', (1 - bent) * (1 - turned)],
    ['thighBR', (1 - bent) * turned],
    ['shankR', bent * (1 - foot)],
    ['footR', bent * foot],
  ];
}

/** How far a place belongs to the arm, and to the leg; the rest is trunk. */
function membership(place: Vec3): [arm: number, leg: number] {
  const [x, y, z] = place;
  const at = inFrame('upperArmR', place);
  const along = -at[1];
  const off = Math.hypot(at[0], at[2]);
  const near = off < 12 ? 1 : 0;
  const arm = along > 14 ? near : smoothStep(-4.5, 6.5, along) * (1 - smoothStep(5.6, 8.6, off));
  const groin = -2.5 + 0.45 * x + 0.3 * (z - 8.6);
  const leg = z > 30 ? 0 : smoothStep(-7, 7, groin - y) * smoothStep(0, 2.8, z);
  return [y < 5 && z < 27 ? 0 : arm, leg];
}

/** The corners next to each corner. */
export function ringsOf({ positions, triangles }: Pick<Surface, 'positions' | 'triangles'>): Set<number>[] {
  const rings: Set<number>[] = positions.map(() => new Set());
  for (const [a, b, c] of triangles) {
    rings[a]!.add(b).add(c);
    rings[b]!.add(a).add(c);
    rings[c]!.add(a).add(b);
  }
  return rings;
}

/** Spreads values along the surface: each becomes half itself and half the mean of its neighbours. */
function diffused(values: readonly number[], rings: readonly Set<number>[], times: number): number[] {
  let now = [...values];
  for (let i = 0; i < times; i++)
    now = now.map((value, at) => {
      let sum = 0;
      for (const other of rings[at]!) sum += now[other]!;
      return 0.5 * value + (0.5 * sum) / (rings[at]!.size || 1);
    });
  return now;
}

/** At most four bones a corner; their weights add up to 1. In the middle both sides pull alike. */
export function blended(parts: readonly (readonly [Weights, number])[], inTheMiddle = false): Weights {
  const sums = new Map<string, number>();
  const put = (bone: string, weight: number): void => {
    if (weight > 1e-3) sums.set(bone, (sums.get(bone) ?? 0) + weight);
  };
  for (const [weights, by] of parts)
    for (const [bone, weight] of weights)
      if (inTheMiddle && bone.endsWith('R')) {
        put(bone, (weight * by) / 2);
        put(`${bone.slice(0, -1)}L`, (weight * by) / 2);
      } else put(bone, weight * by);
  const kept = [...sums].sort((a, b) => b[1] - a[1]).slice(0, 4);
  const total = kept.reduce((sum, [, weight]) => sum + weight, 0);
  return kept.map(([bone, weight]) => [bone, weight / total]);
}

/** The weights of the body's corners. */
export function bodyWeights(surface: Surface): Weights[] {
  const rings = ringsOf(surface);
  const raw = surface.positions.map(membership);
  const arm = diffused(
    raw.map(([a]) => a),
    rings,
    6,
  );
  const leg = diffused(
    raw.map(([, l]) => l),
    rings,
    6,
  );
  return surface.positions.map((place, i) => {
    const ofArm = arm[i]!;
    const ofLeg = leg[i]! * (1 - ofArm);
    return blended(
      [
        [trunkWeights(place), Math.max(0, 1 - ofArm - ofLeg)],
        [armWeights(place), ofArm],
        [legWeights(place), ofLeg],
      ],
      place[2] === 0,
    );
  });
}

/** Fingers bend at their roots and in their middles; the thumb turns to the palm. */
export function handWeights([x, y]: Vec3): Weights {
  const thumb = smoothStep(3.0, 3.8, x + Math.max(0, -9.5 - y) * -2);
  const root = smoothStep(-8.2, -10.0, y) * (1 - (y > -10.5 ? thumb : 0));
  const middle = smoothStep(-11.8, -13.4, y) * root;
  const opposed = smoothStep(2.2, 3.6, x + 0.35 * (y + 4)) * smoothStep(-1.5, -3.5, y);
  return blended([
    [
      [
        ['handR', (1 - root) * (1 - opposed)],
        ['thumbR', (1 - root) * opposed],
        ['fingersAR', root - middle],
        ['fingersBR', middle],
      ],
      1,
    ],
  ]);
}

export function footWeights([x]: Vec3): Weights {
  const toes = smoothStep(10.8, 14.0, x);
  return blended([
    [
      [
        ['footR', 1 - toes],
        ['toesR', toes],
      ],
      1,
    ],
  ]);
}

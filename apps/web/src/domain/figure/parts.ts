import { length, lerp, sub, type Vec3 } from '@lotus-steady/core';

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

function sampleBetween([a, ra]: Ball3, [b, rb]: Ball3): Ball3[] {
  const n = Math.max(1, Math.ceil(length(sub(a, b)) / 4));
  return Array.from({ length: n + 1 }, (_, i): Ball3 => [lerp(a, b, i / n), ra + ((rb - ra) * i) / n]);
}
/** Balls all along a chain of them. */
export const sampleChain = (balls: readonly Ball3[]): Ball3[] =>
  balls.slice(1).flatMap((ball, i) => sampleBetween(balls[i]!, ball));

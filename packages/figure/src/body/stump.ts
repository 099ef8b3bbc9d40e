import { add, dot, length, rotate, scale, sub, type Body, type Vec3 } from '@lotus-steady/core/body';
import type { MissingLimb } from './forms.js';
import { BONES, limbOfBone, LIMBS } from './bones.js';
import type { Mesh } from './mesh.js';

/** How far below elbow or knee a limb ends, cm, and over what length it is rounded off. */
const ENDS = { arm: 9, leg: 14 } as const;
const ROUNDED = 5;

/**
 * Draws what is missing of a limb into its end: the surface closes round it.
 *
 * @param position of the surface at rest, changed in place
 * @param rest the body at rest
 */
export function endLimb(position: Float32Array, mesh: Mesh, limb: MissingLimb, { frames }: Body): void {
  const side = limb.slice(-1);
  const kind = limb.startsWith('arm') ? 'arm' : 'leg';
  const { rotation, origin } = frames[`${kind === 'arm' ? 'forearm' : 'shank'}${side}`]!;
  const down = rotate(rotation, [0, -1, 0]);
  const number = LIMBS.indexOf(limb);
  const end = ENDS[kind];
  for (let v = 0; v < mesh.vertices; v++) {
    if (limbOfBone(BONES[mesh.bones[v * 4]!]!) !== number) continue;
    const place: Vec3 = [position[v * 3]!, position[v * 3 + 1]!, position[v * 3 + 2]!];
    const along = dot(sub(place, origin), down);
    if (along < end - ROUNDED) continue;
    const axis = add(origin, scale(down, along));
    const off = sub(place, axis);
    // From its full width to a point, as round as a ball; all beyond lies in that point.
    const t = Math.min(1, (along - end + ROUNDED) / ROUNDED);
    const kept = Math.sqrt(Math.max(0, 1 - t * t));
    const at = add(origin, scale(down, Math.min(along, end)));
    const now = length(off) ? add(at, scale(off, kept)) : at;
    for (let i = 0; i < 3; i++) position[v * 3 + i] = now[i]!;
  }
}

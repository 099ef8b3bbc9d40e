import { LIMBS } from '../body/bones.js';
import { PART } from '../body/labels.js';
import type { Mesh } from '../body/mesh.js';
import { buildBody, length, sub, type Vec3 } from '@lotus-steady/core/body';
import { SCULPTED_AT } from '../body/boneFrames.js';
import { REST_POSTURE } from '../body/restPosture.js';

/** What one wants to see of a body. */
export const REGIONS = ['head', 'handR', 'handL', 'footR', 'footL', 'kneeR', 'kneeL'] as const;
export type Region = (typeof REGIONS)[number];

/** How far round a knee its region reaches, cm at rest. */
const KNEE_CM = 7.5;

const regions = new WeakMap<Mesh, Uint8Array>();

/** By triangle: the region it belongs to, from 1 in the order of {@link REGIONS}; 0 is none. */
export function regionsOf(mesh: Mesh): Uint8Array {
  const known = regions.get(mesh);
  if (known) return known;
  const { frames } = buildBody(REST_POSTURE, SCULPTED_AT);
  const of = (region: Region): number => REGIONS.indexOf(region) + 1;
  const made = Uint8Array.from({ length: mesh.triangles }, (_, t) => {
    const part = mesh.part[t]!;
    const side = LIMBS[mesh.limb[t]!]!.slice(-1) as 'R' | 'L' | '';
    if (part === PART.head) return of('head');
    if (!side) return 0;
    if (part === PART.hand) return of(`hand${side}`);
    if (part === PART.foot) return of(`foot${side}`);
    const middle = [0, 1, 2].map((axis) => mesh.middle[t * 3 + axis]!) as Vec3;
    return length(sub(middle, frames[`shank${side}`]!.origin)) < KNEE_CM ? of(`knee${side}`) : 0;
  });
  regions.set(mesh, made);
  return made;
}

import { SIDES, type BuildPart } from '@lotus-steady/core/body';

/** What moves the surface: the skeleton's own frames, and some in between that spread a turn over a limb. */
export const BONES: readonly string[] = [
  'pelvis',
  'L3',
  'T12',
  'T8',
  'T3',
  'C7',
  'C4',
  'head',
  ...SIDES.flatMap((side) =>
    [
      'clav',
      'upperArmA',
      'upperArmB',
      'forearmA',
      'forearmB',
      'hand',
      'fingersA',
      'fingersB',
      'thumb',
      'thighA',
      'thighB',
      'shank',
      'foot',
      'toes',
    ].map((bone) => bone + side),
  ),
  'plaitA',
  'plaitB',
  'plaitC',
];

/** Where a bone stands in {@link BONES}. */
export const BONE: Readonly<Record<string, number>> = Object.fromEntries(BONES.map((name, i) => [name, i]));

const isLeg = (bone: string): boolean => /^(thigh|shank|foot|toes)/.test(bone);
const isArm = (bone: string): boolean => /^(upperArm|forearm|hand|fingers|thumb)/.test(bone);

/** Which part of the body a bone grows with. */
export function partOfBone(bone: string): BuildPart {
  if (/^(head|plait)/.test(bone)) return 'head';
  if (bone === 'C4') return 'neck';
  if (isLeg(bone)) return 'leg';
  return isArm(bone) ? 'arm' : 'trunk';
}

/** Limbs by number: 0 is none. */
export const LIMBS = ['', 'armR', 'armL', 'legR', 'legL'] as const;

/** Which of {@link LIMBS} a bone is of. */
export function limbOfBone(bone: string): number {
  const first = bone.endsWith('R') ? 0 : 1;
  if (isArm(bone)) return 1 + first;
  return isLeg(bone) ? 3 + first : 0;
}

/** The same bone on the other side. */
export const otherSide = (bone: string): string =>
  bone.replace(/([RL])$/, (side) => (side === 'R' ? 'L' : 'R'));

import type { Step } from '@lotus-steady/core';

/** A step's pose, and its version where it is not the usual one. @example 'Tree, hand on the wall' */
export const nameOfStep = ({ pose, variant }: Pick<Step, 'pose' | 'variant'>): string =>
  variant.id === pose.usual ? pose.name : `${pose.name}, ${variant.name}`;

/** On which sides, said behind the hold. @example ' each side'; ' right'; '' */
export const saySides = ({ sides }: Pick<Step, 'sides'>): string =>
  sides.length > 1 ? ' each side' : sides.map((one) => ` ${one}`).join('');

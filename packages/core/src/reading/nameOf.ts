import type { Step } from './plan.js';

/** A step's pose, and its version where it is not the usual one. */
export const nameOf = ({ pose, variant }: Pick<Step, 'pose' | 'variant'>): string =>
  variant.id === pose.usual ? pose.name : `${pose.name}, ${variant.name}`;

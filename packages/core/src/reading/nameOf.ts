import type { Step } from './plan.js';
import { keepsLevel } from './whereTheyAre.js';

/**
 * A step's pose, and its version where it is not the usual one. Breath and rest say where, unless they are done where
 * people are.
 */
export const nameOf = ({ pose, variant, isOpen }: Pick<Step, 'pose' | 'variant' | 'isOpen'>): string => {
  const isPlain = isOpen ?? (variant.id === pose.usual && !keepsLevel(pose));
  return isPlain ? pose.name : `${pose.name}, ${variant.name}`;
};

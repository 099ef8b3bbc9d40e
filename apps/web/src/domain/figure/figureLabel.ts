import type { Pose, Variant } from '@lotus-steady/core';

/**
 * What a figure shows, in words: "Tree, hand on the wall, right side"; with the part of a movement that it is.
 *
 * @param frame from 0
 */
export function figureLabel(pose: Pose, variant: Variant, frame: number, side?: 'right' | 'left'): string {
  const parts = [pose.name, variant.name];
  if (variant.frames.length > 1) parts.push(`part ${frame + 1} of ${variant.frames.length}`);
  if (side) parts.push(`${side} side`);
  return parts.join(', ');
}

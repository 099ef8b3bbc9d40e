import type { Pose, Variant } from './types.js';

/** What there is of a prop: "3 blankets under the seat". */
const sayProp = (prop: Variant['props'][number]): string => {
  const count = prop.kind === 'blanket' ? prop.count : 1;
  const name = count > 1 ? `${count} ${prop.kind}s` : prop.kind;
  return prop.where ? `${name} ${prop.where}` : name;
};

/**
 * What a figure shows, in words: "Tree, hand on the wall, right side"; with the part of a movement that it is, how far
 * it goes, and what props stand where.
 *
 * @param frame from 0, or all of a movement
 */
export function figureLabel(
  pose: Pose,
  variant: Variant,
  frame: number | 'move',
  side?: 'right' | 'left',
): string {
  const parts = [pose.name, variant.name];
  if (frame === 'move') parts.push('from start to end');
  else if (variant.frames.length > 1) parts.push(`part ${frame + 1} of ${variant.frames.length}`);
  if (variant.partOf) parts.push(`${Math.round(variant.partOf.share * 100)} percent of the way`);
  if (side) parts.push(`${side} side`);
  return [...parts, ...variant.props.map(sayProp)].join(', ');
}

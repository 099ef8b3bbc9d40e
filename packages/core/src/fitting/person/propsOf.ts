import { SEAT_CM } from '../../body/shape.js';
import type { Build } from '../../body/build.js';
import type { PropPlacement } from '../../body/shape.js';
import { underFeetCm } from '../../props/underFeet.js';
import { propsFor } from '../../poses/sizedProps.js';
import type { Variant } from '../../poses/types.js';
import type { PropUse } from '../types.js';

/** How high a prop stands, as one sets it out, cm; a wall and a strap have no height. */
function heightOf(prop: PropPlacement): number {
  switch (prop.kind) {
    case 'chair':
      return SEAT_CM;
    case 'wall':
    case 'strap':
      return 0;
    case 'roll':
      return prop.thickCm;
    default:
      return prop.heightCm;
  }
}

/** What a prop is fetched as: a high stool is a table, a low one a chair's or a block's work. */
const fetchedAs = (prop: PropPlacement): string => {
  if (prop.kind !== 'stool') return prop.kind;
  if (prop.heightCm >= 55) return 'table';
  if (prop.heightCm > 25) return 'chair';
  return 'block';
};

/**
 * The props a variant stands on, as one sets them out: heights as declared, cm; and what someone short
 * needs under the feet.
 */
export function propsOf(variant: Variant, heightCm: number, build: Build): PropUse[] {
  const feet = underFeetCm(variant, heightCm, build);
  return [
    ...propsFor(variant, heightCm).map((prop): PropUse => ({
      prop: fetchedAs(prop),
      count: prop.kind === 'blanket' ? prop.count : 1,
      heightCm: heightOf(prop),
      where: prop.where,
    })),
    ...(feet
      ? [{ prop: 'cushion', count: 1, heightCm: feet, where: 'under the feet; a book does as well' }]
      : []),
  ];
}

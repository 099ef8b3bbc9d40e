import { SEAT_CM } from '../body/shape.js';
import type { Variant } from '../poses/types.js';
import type { PropUse } from './types.js';

/** The props a variant stands on, as one sets them out: heights as declared, cm. */
export const propsOf = ({ props }: Pick<Variant, 'props'>): PropUse[] => props.map((prop) => ({
  prop: prop.kind, count: prop.kind === 'blanket' ? prop.count : 1,
  heightCm: prop.kind === 'chair' ? SEAT_CM : prop.kind === 'wall' ? 0 : prop.heightCm, where: prop.where,
}));

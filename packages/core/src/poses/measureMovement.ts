import type { SolvedShape } from '../body/solve.js';
import { limbMoves } from './limbMoves.js';
import { measureShape } from './measureShape.js';
import { worstMeasures, type Measures } from './measures.js';
import type { Variant } from './types.js';

/**
 * What a movement asks: of every measure the worst over its shapes, and how far its limbs move between them. A held
 * shape is a movement of one.
 *
 * @param shapes its key frames, and what was solved between them
 * @param grounds see {@link measureShape}
 */
export const measureMovement = (
  shapes: readonly SolvedShape[],
  variant: Pick<Variant, 'declared' | 'level' | 'support'>,
  grounds = false,
): Measures => ({
  ...worstMeasures(shapes.map((shape) => measureShape(shape, variant, grounds))),
  ...limbMoves(shapes),
});

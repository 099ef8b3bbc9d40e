import type { Cells } from './buildMesh.js';

/** Sizes of cells, cm: for figures one looks at, and for those in a list. */
export const CELLS: Readonly<Record<'fine' | 'coarse', Cells>> = {
  fine: { body: 1.95, limb: 1.4, head: 1.05, hand: 0.78, foot: 1.0 },
  coarse: { body: 3.8, limb: 2.4, head: 2.0, hand: 1.4, foot: 1.9 },
};

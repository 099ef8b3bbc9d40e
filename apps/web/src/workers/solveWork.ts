import {
  faultsIn,
  measureShape,
  ownFrames,
  packPosture,
  sizeProp,
  solveFor,
  solveShape,
  variantOfOwn,
  worstMeasures,
  type BodyRanges,
  type Build,
  type Fits,
  type Measures,
  type OwnAngles,
  type PropSize,
  type PropTask,
  type Stock,
  type Variant,
} from '@lotus-steady/core';
import { workCatalogue } from './workCatalogue.js';

/**
 * A variant put on its contacts for one body: angles packed by key frame, measures, the worst unmet
 * contact.
 */
export interface Shown {
  heightCm: number;
  build: Build;
  postures: number[][];
  measures: Measures;
  gapCm: number;
  /** Props as they stand: part of the way a block may be higher, or not there. */
  props: Variant['props'];
}

/** A body's own ranges, and how far it goes. */
export interface OwnBody {
  /** How far their joints go; the supple body of the catalogue unless said. */
  ranges?: BodyRanges;
  /** Of the way, for a variant that is part of one. */
  share?: number;
}
/** An own variant as it stands while its angles are being set. */
export interface Tried extends Shown {
  faults: string[];
}

/** Heavy sums, off the page's own thread. */
export const solveWork = {
  /** A variant, or part of one, solved exactly for a body, from the nearest stored solution. */
  show(id: string, heightCm: number, build: Build, own: OwnBody): Shown {
    const { postures, measures, worstGapCm, props } = solveFor(workCatalogue(), id, heightCm, build, own);
    return { heightCm, build, postures: postures.map(packPosture), measures, gapCm: worstGapCm, props };
  },
  /** A built-in variant with a teacher's angles: figure, measures and what is wrong with it. */
  tryAngles(baseId: string, angles: OwnAngles): Tried {
    const { variant: base } = workCatalogue().variant(baseId);
    const variant = variantOfOwn({ id: 'own', name: 'own', frames: ownFrames(base, angles) }, base);
    const solved = variant.frames.map((shape) => solveShape(shape, variant.props));
    return {
      heightCm: 165,
      build: 'adult',
      postures: solved.map((shape) => packPosture(shape.posture)),
      measures: worstMeasures(solved.map((shape) => measureShape(shape, variant))),
      props: variant.props,
      gapCm: Math.max(...solved.map((shape) => shape.misfit.contact)),
      faults: faultsIn(solved),
    };
  },
  size(task: PropTask, fits: Fits, stock: Stock): PropSize {
    return sizeProp(task, fits, workCatalogue(), stock);
  },
};

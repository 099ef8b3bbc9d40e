import { variantById } from '../../data/catalogue.js';

/**
 * The key frame that stands for a step: of a movement that a flow goes into on an in-breath, where it has got to then;
 * otherwise the first.
 */
export const frameIn = ({ variant, flow }: { variant: string; flow?: { on?: 'in' | 'out' } }): number =>
  flow?.on === 'in' ? variantById(variant).variant.frames.length - 1 : 0;

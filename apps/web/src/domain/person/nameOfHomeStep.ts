import type { HomeStep } from '@lotus-steady/core';
import { variantById } from '../../data/catalogue.js';

/** "Supine twist, knees on a block": of what is done part of its way, the whole of it; how far is said beside it. */
export function nameOfHomeStep({ variant, partOf = variant }: Pick<HomeStep, 'variant' | 'partOf'>): string {
  const { pose, variant: whole } = variantById(partOf);
  return partOf === pose.usual ? pose.name : `${pose.name}, ${whole.name}`;
}

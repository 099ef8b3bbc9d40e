import type { Comparison } from '@lotus-steady/core';
import { variantById } from '../../data/catalogue.js';

type Change = Comparison['differences'][number];

/** A variant by name; one that is no longer in the catalogue by its id. */
export function sayVariant(id: string): string {
  try {
    const { pose, variant } = variantById(id);
    return `${pose.name}, ${variant.name}`;
  } catch {
    return id;
  }
}

/** What differs at a step, without whom it is about: "Step 4 (Bridge): another way, Bridge, full → Bridge, low." */
export function sayChange({ step, asked, what, before, after }: Change): string {
  const where = step ? `Step ${step} (${asked}): ` : '';
  const ways = before && after && before !== after ? `, ${sayVariant(before)} → ${sayVariant(after)}` : '';
  return `${where}${what}${ways}.`;
}

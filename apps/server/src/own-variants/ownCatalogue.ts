import type { Catalogue, ReadOwnVariant } from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';

/** A hall's own variants; `print` is another one whenever any of them is. */
export interface OwnVariants {
  print: string;
  list: readonly ReadOwnVariant[];
}

/** Catalogues of the halls that were asked for last: indexing is not done for every request. */
const catalogues = new Map<string, Catalogue>();
const KEPT = 8;

/** The built-in catalogue with a hall's own variants. */
export function ownCatalogue({ print, list }: OwnVariants): Catalogue {
  if (!list.length) return BUILT_IN;
  const known = catalogues.get(print);
  if (known) return known;
  if (catalogues.size >= KEPT) catalogues.delete(catalogues.keys().next().value!);
  const catalogue = BUILT_IN.withOwn(list);
  catalogues.set(print, catalogue);
  return catalogue;
}

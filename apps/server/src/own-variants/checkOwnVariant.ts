import { readOwnVariant } from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { ownCatalogue, type OwnVariants } from './ownCatalogue.js';
import type { OwnVariantDraftDto } from './ownVariant.dto.js';

/** Reads an own variant and solves it for every height. @param mark sets its id apart from any other */
export function checkOwnVariant(input: {
  draft: OwnVariantDraftDto;
  own: OwnVariants;
  mark: string;
}): ReturnType<typeof readOwnVariant> {
  const { draft, own, mark } = input;
  return readOwnVariant({ ...draft }, { builtIn: BUILT_IN, catalogue: ownCatalogue(own), mark });
}

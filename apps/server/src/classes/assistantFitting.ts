import { withoutHealth } from '@lotus-steady/core';
import { ownCatalogue, type OwnVariants } from '../own-variants/ownCatalogue.js';
import { unpackedFitting, type KeptFitting } from './unpackedFitting.js';

/** A kept fitting as an assistant sees it, as JSON. */
export const assistantFitting = async ({
  kept,
  own,
}: {
  kept: KeptFitting;
  own: OwnVariants;
}): Promise<string> => JSON.stringify(withoutHealth(await unpackedFitting(kept), ownCatalogue(own)));

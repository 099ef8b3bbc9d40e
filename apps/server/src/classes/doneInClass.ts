import { doneOf, type Done } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { ownCatalogue, type OwnVariants } from '../own-variants/ownCatalogue.js';
import { unpackedFitting, type KeptFitting } from './unpackedFitting.js';

/** What everybody was given in a class, by id of person. */
export async function doneInClass({
  kept,
  own,
}: {
  kept: KeptFitting;
  own: OwnVariants;
}): Promise<Record<string, Done[]>> {
  const fitting = await unpackedFitting(kept);
  const catalogue = ownCatalogue(own);
  return Object.fromEntries(
    fitting.lanes.map(({ personId }) => [
      personId,
      doneOf(fitting, personId, catalogue, RULEBOOK.limitKinds),
    ]),
  );
}

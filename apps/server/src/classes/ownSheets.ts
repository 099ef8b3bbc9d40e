import { ownSheet, type SheetStep } from '@lotus-steady/core';
import { unpackedFitting, type KeptFitting } from './unpackedFitting.js';

/** What one person does in each of some classes. */
export const ownSheets = async ({
  kept,
  personId,
}: {
  kept: readonly KeptFitting[];
  personId: string;
}): Promise<SheetStep[][]> =>
  Promise.all(kept.map(async (one) => ownSheet(await unpackedFitting(one), personId)));

import { classSums, type ClassSums } from '@lotus-steady/core';
import { unpackedFitting, type KeptFitting } from '../classes/unpackedFitting.js';

/** What reports need of some fittings, each as it is kept. */
export async function sumsOfClasses(kept: readonly KeptFitting[]): Promise<ClassSums[]> {
  const sums: ClassSums[] = [];
  // One after the other: a fitting that is open takes a hundred times its sums.
  for (const one of kept) sums.push(classSums(await unpackedFitting(one)));
  return sums;
}

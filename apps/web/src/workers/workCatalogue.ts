import { makeCatalogue, readCatalogue, type Catalogue, type OwnVariant } from '@lotus-steady/core';

let builtIn: Catalogue | undefined;
let current: Catalogue | undefined;

/** The worker's catalogue. @throws where it has not been handed over */
export function workCatalogue(): Catalogue {
  if (!current) throw new Error('The catalogue of poses has not been handed over.');
  return current;
}

/** Takes the catalogue over as the page has fetched it. */
export function takeCatalogue(file: ArrayBuffer): void {
  builtIn = makeCatalogue(readCatalogue(file));
  current ??= builtIn;
}

/** Puts the hall's own variants on the ladders. */
export function takeOwn(own: readonly OwnVariant[]): Catalogue {
  if (!builtIn) throw new Error('The catalogue of poses has not been handed over.');
  current = builtIn.withOwn(own);
  return current;
}

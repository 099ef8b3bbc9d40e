import { makeCatalogue, readCatalogue, type Catalogue, type OwnVariant } from '@lotus-steady/core';
import address from '@lotus-steady/core/catalogue.bin?url';
import { showCatalogue } from './catalogue.js';

let file: Promise<ArrayBuffer> | undefined;
let builtIn: Promise<Catalogue> | undefined;

/** The built-in catalogue as one file, fetched once; its address changes with what is in it. */
export function catalogueFile(): Promise<ArrayBuffer> {
  file ??= fetch(address).then(async (response) => {
    if (!response.ok) throw new Error('The catalogue of poses could not be loaded.');
    return response.arrayBuffer();
  });
  file.catch(() => {
    file = undefined;
  });
  return file;
}

/** The built-in catalogue, read once. */
function readBuiltIn(): Promise<Catalogue> {
  builtIn ??= catalogueFile().then((bytes) => makeCatalogue(readCatalogue(bytes)));
  builtIn.catch(() => {
    builtIn = undefined;
  });
  return builtIn;
}

/** Puts the hall's own variants on the ladders. Screens that show poses are drawn only after this. */
export async function showOwn(own: readonly OwnVariant[]): Promise<void> {
  showCatalogue((await readBuiltIn()).withOwn(own));
}

/**
 * The built-in catalogue and rulebook, put together from their data. For Node: the solved bodies are read from
 * their file. A page fetches the same as one file (`catalogue.bin`) and hands it to `readCatalogue`.
 */
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { CATALOGUE_DATA } from '../catalogue/poseData.js';
import { makeCatalogue, type CatalogueData } from '../src/poses/catalogue.js';
import { readTables } from '../src/poses/catalogueFile.js';
import type { PartsData } from '../src/poses/partway/parts.js';
import { unpackSolutions, type PackedSolutions } from '../src/poses/packedSolutions.js';

export { RULEBOOK } from './rulebook.js';

const SOLVED = fileURLToPath(new URL('../catalogue/generated/solved.bin', import.meta.url));

/** What the solutions were made from, by variant: see `variantPrint`. */
type Prints = Readonly<Record<string, string>>;

/** The poses as they were written, with the name of their solutions, and those solutions still packed. */
export function readBuiltIn(): {
  data: Omit<CatalogueData, 'solutions'>;
  packed: PackedSolutions;
  prints: Prints;
} {
  const { buffer, byteOffset, byteLength } = readFileSync(SOLVED);
  const { data, packed } = readTables<{ version: string; prints: Prints; parts: PartsData }>(
    buffer.slice(byteOffset, byteOffset + byteLength) as ArrayBuffer,
  );
  return {
    data: { ...CATALOGUE_DATA, version: data.version, parts: data.parts },
    packed,
    prints: data.prints,
  };
}

const { data, packed } = readBuiltIn();

/** Poses, ways and stories as we ship them. */
export const BUILT_IN = makeCatalogue({ ...data, solutions: unpackSolutions(packed) });

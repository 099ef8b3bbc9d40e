/** What solving the catalogue needs; apart from `index.ts`, so that it runs before anything is solved. */
export { fingerprint } from './fingerprint.js';
export { unpackPosture } from './body/posture.js';
export { AUTHOR_HEIGHT } from './body/residuals.js';
export { solveShape } from './body/solve.js';
export { measureShape } from './poses/measureShape.js';
export { packSolutions, unpackSolutions } from './poses/packedSolutions.js';
export { readTables, writeTables } from './poses/catalogueFile.js';
export { partId, partsPrint, solveParts, type PartData } from './poses/partway/parts.js';
export { compact, solveAll } from './poses/solveAll.js';
export { solveVariant, type StoredSolutions } from './poses/solveVariant.js';
export type { Variant } from './poses/types.js';
export { variantPrint } from './poses/variantPrint.js';

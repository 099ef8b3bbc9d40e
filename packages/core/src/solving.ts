/** What solving the catalogue needs; apart from `index.ts`, which reads the stored solutions. */
export * from './body/build.js';
export * from './body/posture.js';
export * from './body/solve.js';
export * from './fingerprint.js';
export * from './poses/measures.js';
export * from './poses/measureShape.js';
export * from './poses/solveAll.js';
export * from './poses/solveVariant.js';
export * from './poses/types.js';
export * from './poses/variantPrint.js';
export type { StoredCatalogue } from './poses/catalogue.js';
export { POSES } from '../catalogue/poses/index.js';
export { WAYS } from '../catalogue/ways.js';
export type { Way } from './poses/ways.js';

/**
 * Getting between levels: over which ways one person gets from one level to another.
 *
 * In: a staged person and the catalogue's ways.
 * Out: passages with their cost and seconds, the levels that are closed, how far levels are apart, how
 * often one goes down to the floor.
 */
export { floorVisits } from './floorVisits.js';
export { levelDistance } from './levelDistance.js';
export { closedTo, passagesFor, type Passage } from './waysBetween.js';

/**
 * Lanes together: what they share.
 *
 * In: lane tables and their best paths, the stock, and whether fewer versions are asked for.
 * Out: paths that no single change makes cheaper, and what everybody may do at one step.
 */
export { oneForAll, type OneForAll } from './oneForAll.js';
export { Shared, type Weight } from './shared.js';
export { together } from './together.js';

/**
 * What to say in a class.
 *
 * In: its moments, who is in it, the teacher's own words by pose.
 * Out: for each moment what there is to say, in order.
 */
export type { Said } from './said.js';
export { scriptsOf, type ScriptFor } from './scriptsOf.js';

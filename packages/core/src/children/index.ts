/**
 * Games of a children's class.
 *
 * In: who comes, and when.
 * Out: what is counted down from, what to balance on.
 */
export { BALANCES, type Balance } from './balances.js';
export { countdownFrom } from './countdownFrom.js';

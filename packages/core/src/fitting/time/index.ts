/**
 * Keeping the time.
 *
 * In: a sequence, every lane's entries, the pace.
 * Out: the clock: when each step begins and ends, what is shortened, what is left out.
 */
export { laneSeconds, timeline, type TimeLeft, type Timeline } from './timeline.js';

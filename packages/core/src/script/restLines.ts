import type { Said } from './said.js';

/** Said one after the other from the beginning of a rest, and then nothing (common practice, no published source). */
const FIRST = [
  'Let the floor carry you.',
  'Feet and legs grow heavy. Hands and arms. The back, wide.',
  'The face is soft: forehead, eyes, jaw.',
  'The breath comes and goes by itself. There is nothing to do.',
];
/** So many seconds between them. */
const APART = 20;
/** So long before the end they are called back, seconds. */
const BACK = 40;

/** What is said in a long rest: little, slowly, and then silence until the end of it. @param seconds of the rest */
export const restLines = (seconds: number): Said[] => [
  ...FIRST.map((says, i): Said => ({ as: 'rest', says, after: 5 + i * APART })).filter(
    ({ after }) => after! < seconds - BACK - APART,
  ),
  {
    as: 'rest',
    says: 'Slowly, let the breath deepen. Notice the room, and move fingers and toes when you like.',
    after: Math.max(0, seconds - BACK),
  },
];

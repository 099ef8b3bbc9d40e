/** Written by npm run solve from the pose data; do not edit. */
import { PART as part1 } from './part1.js';
import { PART as part2 } from './part2.js';
import { PART as part3 } from './part3.js';

export const SOLVED_VERSION = '2026-11-26.7ezfb5r5fk';
export const SOLVED_PARTS: readonly string[] = [part1, part2, part3];

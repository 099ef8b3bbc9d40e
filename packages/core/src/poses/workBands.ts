import { youngHolds, type Muscle } from '../body/muscles.js';

/** How much of what a muscle group of healthy young women holds a shape asks, 0 for nothing, 1 for all. */
export type ShareAsked = (muscle: Muscle) => number;

/** Those whose work raises the pressure when it is held; single legs and backs are held by everybody who stands. */
const HOLDING = [
  'kneeExtensor',
  'hipExtensor',
  'hipFlexor',
  'shoulderFlexor',
  'elbowExtensor',
  'trunkFlexor',
] as const satisfies readonly Muscle[];

/**
 * From which share on static effort is 1, 2 and 3; by what was declared before moments were known, so ours. Steady
 * holding shuts the blood off from about a third to a half of what a muscle holds at most (from memory, Sjøgaard 1988).
 */
const HOLDING_FROM = [0.26, 0.37, 0.52];

/** From which share of the trunk's bending muscles on the belly wall works 1, 2 and 3; ours, as above. */
const BELLY_FROM = [0.24, 0.29, 0.5];

const band = (share: number, from: readonly number[]): number =>
  from.filter((least) => share >= least).length;

/**
 * Static effort and work of the belly wall as far as the moments give them, 0 to 3.
 *
 * @example workBands((muscle) => (muscle === 'kneeExtensor' ? 0.45 : 0)) // { isometric: 2, abdominalLoad: 0 }
 */
export const workBands = (asked: ShareAsked): { isometric: number; abdominalLoad: number } => ({
  isometric: band(Math.max(...HOLDING.map(asked)), HOLDING_FROM),
  abdominalLoad: band(asked('trunkFlexor'), BELLY_FROM),
});

/** How much of what the young hold measured moments (% of body weight × height) ask, the worse side. */
export const shareOfYoung =
  (measures: Readonly<Record<string, number | undefined>>): ShareAsked =>
  (muscle) =>
    Math.max(...['', 'Right', 'Left'].map((side) => measures[`${muscle}Moment${side}`] ?? 0)) /
    youngHolds(muscle);

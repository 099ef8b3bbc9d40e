import type { Aim } from './types.js';

/** Children of an age who have a lesson together. */
export interface LessonBand {
  id: string;
  name: string;
  /** The youngest and the oldest of them, years. */
  years: readonly [number, number];
  heightCm: number;
  minutes: { least: number; usual: number; most: number };
  /** Breaths for which a shape that works is held: the rules keep 10, 15 and 20 s. */
  breaths: number;
  /** A story has no more shapes than they can call to mind again. */
  shapes: number;
  /** Three agreements, as they are said. */
  agreements: readonly [string, string, string];
  /** On how many parts of the body they balance, in turn: versions of the balance game. */
  balances: readonly [string, ...string[]];
  /** Seconds of rest at the end. */
  rest: number;
}

/** What a lesson is to leave behind: what is said of it, and what is liked for it. */
export interface LessonAim extends Aim {
  /** How the aim is told to the children. */
  told: string;
  value: string;
  home: string;
  /** Breath games, one of which is played. */
  breaths: readonly BreathGame[];
}

/** A way to breathe, by its version, and what is said. */
export interface BreathGame {
  variant: string;
  /** Counted in rounds and not in breaths. */
  rounds?: true;
  says: string;
}

/** What stays the same from lesson to lesson. */
export interface LessonWords {
  signal: string;
  walk: string;
  helpers: readonly string[];
  /** The rest that anyone may take at any time. */
  restShape: string;
  /** In place of the story, where the children tell their own. */
  ownStory: string;
  /** Between the first side and the second. */
  between: string;
  /** After a back bend. */
  curlUp: string;
  balance: { easier: string; harder: string };
  quiet: { hop: string; still: string };
  rest: readonly string[];
  felt: string;
}

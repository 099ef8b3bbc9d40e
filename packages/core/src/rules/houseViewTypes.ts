import type { Level, Purpose } from '../poses/types.js';
import type { Evidence } from './types.js';

/**
 * Something said with poses of these ids, in this direction of the spine, on this level, to people with one
 * of these conditions.
 */
export interface SaidWith {
  poses?: readonly string[];
  spine?: Purpose['spine'];
  level?: Level;
  conditions?: readonly string[];
  says: string;
}

/** One position on a topic. */
export interface Position {
  id: string;
  /** As a teacher says it. */
  name: string;
  reason: string;
  evidence: Evidence;
  /** What is then said in class, with everything that is all of what is named here. */
  cue?: SaidWith;
}

/** Something good teachers differ on: positions from most careful on, and the usual one. */
export interface Topic {
  name: string;
  question: string;
  positions: readonly Position[];
  usual: string;
}

/** A position for each topic where good teachers differ. */
export type HouseView = Readonly<Record<string, string>>;

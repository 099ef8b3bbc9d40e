import type { Side } from '../side.js';

/** One shape of a flow: a variant that is gone into on an in-breath or an out-breath, or stayed in. */
export interface FlowShape {
  variant: string;
  on: 'in' | 'out';
  /** Breaths it is stayed in; half a breath, in or out, unless said. */
  breaths?: number;
  /** Its side; `leading` for the side that leads, right in one round and left in the next. */
  side?: Side | 'leading';
}

/** Shapes that follow each other with the breath, done so many rounds: a salute, the link between poses. */
export interface Flow {
  id: string;
  name: string;
  sanskrit?: string;
  /** What it and others are called together, in small letters: "sun salutation" says not which. */
  family?: readonly string[];
  /** What else it is called, in small letters; read, and not shown. */
  aliases: readonly string[];
  meaning: string;
  /** Rounds where nobody says how many. */
  usual: number;
  shapes: readonly FlowShape[];
}

/** Breaths of a shape in which nobody stays: it is gone into on one half of a breath. */
export const HALF_BREATH = 0.5;

import type { Catalogue } from '../poses/catalogue.js';
import type { Pose, Variant } from '../poses/types.js';
import type { Side } from '../side.js';
import type { AskedHold } from './readCount.js';

/** What plans are read with: a catalogue's poses and flows. */
export type Known = Pick<Catalogue, 'poses' | 'flows'>;

/** A step that is one shape of a flow, which is done so many rounds with the breath. */
export interface InFlow {
  /** Counts the flows of a plan from 1: steps of the same number follow each other in every round. */
  number: number;
  name: string;
  rounds: number;
  /** Breaths of this shape each time it comes. */
  breaths: number;
  /** The breath it is gone into on. */
  on?: 'in' | 'out';
}

/** One step of a sequence. */
export interface Step {
  /** Counts the steps from 1. */
  number: number;
  /** What was written, without its bullet. */
  text: string;
  /** The line it stands in, from 1. */
  line: number;
  section?: string;
  note?: string;
  pose: Pose;
  variant: Variant;
  /** Breath or rest of which nobody said where: it is done where people are. */
  isOpen?: true;
  hold: AskedHold;
  /** Empty for a pose that is the same both sides. */
  sides: readonly Side[];
  /** Where it is one shape of a flow: its hold is that of all rounds together. */
  flow?: InFlow;
}

/**
 * What became of a piece of the text. `unsure` is asked about; `note` is kept and no step; `way` is how one gets from
 * shape to shape; `repeat` is steps that were written before.
 */
export type PartKind = 'title' | 'section' | 'minutes' | 'step' | 'repeat' | 'way' | 'note' | 'unsure';

/** A piece of the text and what was understood of it: every letter that is seen belongs to one. */
export interface PlanPart {
  kind: PartKind;
  line: number;
  /** Where it stands in the whole text, from the first letter to behind the last. */
  from: number;
  to: number;
  text: string;
  /** Numbers of the steps that came of it. */
  steps: readonly number[];
  /** Of what is unsure: what to do about it, and the names that come nearest. */
  message?: string;
  nearest?: readonly string[];
}

/** A plan as it was understood. */
export interface Plan {
  title: string;
  minutes: number;
  steps: readonly Step[];
  parts: readonly PlanPart[];
  /** The first line that is not read any more: more than any class has. */
  beyond?: number;
}

/** More times than anything is done again in one class: what says more is asked about. */
export const TIMES_MOST = 20;

/** More rounds than a flow is done in one class: 108 are done on some days of the year. */
export const ROUNDS_MOST = 108;

/** More steps than any class has, and more unsure lines than anyone goes through. */
export const STEPS_MOST = 200;

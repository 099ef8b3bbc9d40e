/** A step that was not done as planned. */
export interface StepChange {
  step: number;
  what: 'eased' | 'stopped';
  /** Where it hurt, a place of `PAIN_PLACES`. */
  where?: string;
  /** What the teacher wrote of it. */
  word?: string;
}

/**
 * How far something went that a personal limit may bound: by kind of limit, of what has two sides right and left. A
 * kind that says no more than that something was there has 1. What was not there at all is left out.
 */
export type HowFar = Readonly<Record<string, number | readonly [right: number, left: number]>>;

/** What somebody was given at a step of a class. */
export interface Done {
  step: number;
  pose: string;
  variant: string;
  /** Of the way, where it was done only part of it. */
  share?: number;
  /** On one side, all rounds included. */
  seconds: number;
  far: HowFar;
}

/** How a class was for somebody who was down for it. */
export interface RecordOf {
  /** `YYYY-MM-DD`. */
  on: string;
  /** Which class it was, where that is known. */
  classId?: string;
  came: boolean;
  /** 0 to 10. */
  painBefore: number | null;
  painAfter: number | null;
  /** How hard it was, 0 to 10: 3 is moderate, 5 strong (Borg CR10). */
  effort: number | null;
  changes: readonly StepChange[];
  /** Left out of what was recorded before this was kept. */
  did?: readonly Done[];
}

/** Pain that changes by so much is a change that matters, points of 10 (Farrar 2001). */
export const PAIN_MATTERS = 2;

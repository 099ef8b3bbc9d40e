import type { Pose } from '../poses/types.js';
import { readPlan, type Plan, type Step } from './readPlan.js';

export type { AskedHold } from './readCount.js';
export type { Step } from './readPlan.js';

export interface Sequence {
  title: string;
  minutes: number;
  steps: readonly Step[];
}

/** A line that could not be read for sure. */
export interface SequenceError {
  line: number;
  text: string;
  message: string;
  nearest: readonly string[];
}

/** What of a plan is asked about: what is unsure, where it goes on past what is read, and where it says nothing. */
function errorsOf({ parts, steps, beyond }: Plan): SequenceError[] {
  const errors = parts
    .filter(({ kind }) => kind === 'unsure')
    .map(({ line, text, message, nearest = [] }) => ({ line, text, message: message!, nearest }));
  if (beyond !== undefined)
    errors.push({
      line: beyond,
      text: '',
      message: `Line ${beyond}: a class has at most 200 steps; what follows is not read.`,
      nearest: [],
    });
  if (!steps.length && !errors.length)
    errors.push({
      line: 1,
      text: '',
      message: 'There is no step in this sequence yet. Write one on each line.',
      nearest: [],
    });
  return errors;
}

/** Reads a sequence as it was written, see {@link readPlan}: its steps, and what of it is asked about. */
export function parseSequence(
  source: string,
  poses: readonly Pose[],
): { sequence: Sequence; errors: SequenceError[] } {
  const plan = readPlan(source, poses);
  const { title, minutes, steps } = plan;
  return { sequence: { title, minutes, steps }, errors: errorsOf(plan) };
}

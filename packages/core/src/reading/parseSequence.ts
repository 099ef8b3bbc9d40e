import { STEPS_MOST, type Known, type Plan, type PlanPart, type Step } from './plan.js';
import { readPlan } from './readPlan.js';

export type { AskedHold } from './readCount.js';
export type { InFlow, Known, Step } from './plan.js';

export interface Sequence {
  title: string;
  minutes: number;
  steps: readonly Step[];
}

/** A line that could not be read for sure. */
export interface SequenceError {
  line: number;
  text: string;
  /** Where it stands in the whole text. */
  from: number;
  to: number;
  message: string;
  nearest: readonly string[];
}

/** What of a plan is asked about: what is unsure, where it goes on past what is read, and where it says nothing. */
function errorsOf({ parts, steps, beyond }: Plan): SequenceError[] {
  const errors = parts
    .filter(({ kind }) => kind === 'unsure')
    .map(({ line, text, from, to, message, nearest = [] }) => ({
      line,
      text,
      from,
      to,
      message: message!,
      nearest,
    }));
  if (beyond !== undefined)
    errors.push({
      line: beyond,
      text: '',
      from: 0,
      to: 0,
      message: `Line ${beyond}: a class has at most ${STEPS_MOST} steps; what follows is not read.`,
      nearest: [],
    });
  if (!steps.length && !errors.length)
    errors.push({
      line: 1,
      text: '',
      from: 0,
      to: 0,
      message: 'There is no step in this sequence yet. Write one on each line.',
      nearest: [],
    });
  return errors;
}

/**
 * Reads a sequence as it was written, see {@link readPlan}: its steps, what of it is asked about, and what became of
 * each piece of it.
 */
export function parseSequence(
  source: string,
  known: Known,
): { sequence: Sequence; errors: SequenceError[]; parts: readonly PlanPart[] } {
  const plan = readPlan(source, known);
  const { title, minutes, steps } = plan;
  return { sequence: { title, minutes, steps }, errors: errorsOf(plan), parts: plan.parts };
}

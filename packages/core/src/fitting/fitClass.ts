import type { Sequence } from '../reading/parseSequence.js';
import type { Choices } from '../plan/choices.js';
import { createFitter, type FitterInput } from './fitter.js';
import type { Fitting } from './types.js';

export interface FitInput extends FitterInput {
  sequence: Sequence;
  choices?: Choices;
  /** Told after each person. */ progress?: (done: number, of: number) => void;
}

/**
 * Fits a class once: what each person does at each step, why, for how long and with what. {@link
 * createFitter} keeps what it has worked out for the next sequence.
 */
export const fitClass = ({ sequence, choices, progress, ...input }: FitInput): Fitting =>
  createFitter(input).fit(sequence, choices, progress);

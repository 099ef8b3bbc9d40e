import { createFitter, paceOf, parseSequence, readPeople, withOwn, type Catalogue, type Choices, type Fitter, type Fitting, type LaneStep, type OneForAll, type OwnVariant, type SequenceError } from '@lotus-steady/core';
import type { ClassInputs } from '../api/queries.js';

/** A fitting as the page shows it: without every measure of every cell, which nobody looks at there. */
export interface Fitted { fitting?: Fitting; errors: readonly SequenceError[]; milliseconds: number }

let fitter: Fitter | undefined, catalogue: Catalogue | undefined;
const BARE = {} as LaneStep['measures'];

/** A class fitted again and again while it is edited; what an edit does not touch is kept. */
export const fitWork = {
  /** Takes in who is coming and the rules of the day. */
  ready({ on, people, houseView, hall, pace, stock }: ClassInputs, own: readonly OwnVariant[]): void {
    catalogue = withOwn(own);
    fitter = createFitter({ people: readPeople(people, on).people, on, houseView, hall, catalogue, pace: paceOf(pace), ...(stock ? { stock } : {}) });
  },
  /** `progress` is told after each person. */
  fit(source: string, choices: Choices, progress?: (done: number, of: number) => void): Fitted {
    const began = performance.now(), { sequence, errors } = parseSequence(source, catalogue?.poses);
    if (!fitter || errors.length) return { errors, milliseconds: 0 };
    const fitting = fitter.fit(sequence, choices, progress);
    return { fitting: { ...fitting, lanes: fitting.lanes.map((lane) => ({ ...lane, steps: lane.steps.map((step) => ({ ...step, measures: BARE })) })) }, errors, milliseconds: performance.now() - began };
  },
  /** What everybody could do at a step. */
  oneForAll(source: string, step: number, choices: Choices): OneForAll[] {
    return fitter?.oneForAll(parseSequence(source, catalogue?.poses).sequence, step, choices) ?? [];
  },
};
export type FitWork = typeof fitWork;

import { HALF_BREATH, type Flow } from '../poses/flows.js';
import type { Known, Step } from '../reading/plan.js';
import { readPlan } from '../reading/readPlan.js';
import { flowLine } from './flowLine.js';

/** More breaths than this in a shape, and it is no shape of a round any more. */
const BREATHS_MOST = 5;
const ROUNDS = 2;

/**
 * Steps that follow each other as a round of one's own, under a name, as one line; what a shape is held in breaths it
 * is held in each round.
 *
 * @returns undefined where the line would not be read as these shapes again
 * @example roundLine('Tide salute', steps, known) // 'Tide salute: Mountain → Arms up with the breath × 2'
 */
export function roundLine(name: string, steps: readonly Step[], known: Known): string | undefined {
  const flows: readonly Flow[] = [];
  const shapes = steps.map((step): Step => {
    const { unit, count } = step.hold;
    const breaths = unit === 'breaths' && count <= BREATHS_MOST ? count : HALF_BREATH;
    return { ...step, flow: step.flow ?? { number: 1, name, rounds: ROUNDS, breaths } };
  });
  const line = flowLine(
    shapes.map((step) => ({ ...step, flow: { ...step.flow!, number: 1, name, rounds: ROUNDS } })),
    flows,
  );
  const read = readPlan(`- ${line}`, known).steps;
  const isSame =
    read.length === steps.length &&
    read.every(({ variant, flow }, i) => flow?.name === name && variant === steps[i]!.variant);
  return isSame ? line : undefined;
}

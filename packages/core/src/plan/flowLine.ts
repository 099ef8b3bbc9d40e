import { HALF_BREATH, type Flow } from '../poses/flows.js';
import { nameOf } from '../reading/nameOf.js';
import { sideOf } from '../reading/flowStep.js';
import { flowName } from '../reading/readFlow.js';
import type { Step } from '../reading/plan.js';

/** Whether steps are the shapes of a flow of the catalogue, as they stand there. */
const isWhole = (steps: readonly Step[], { shapes }: Flow): boolean =>
  steps.length === shapes.length &&
  steps.every((step, i) => {
    const { variant: id, on, breaths = HALF_BREATH, side } = shapes[i]!;
    const isOnSide = side === undefined || [sideOf(step) ?? 'leading', step.sides.join()].includes(side);
    return step.variant.id === id && step.flow!.on === on && step.flow!.breaths === breaths && isOnSide;
  });

/** One shape as it stands in a chain: its breath, name, side, and how long it is stayed in. */
function shapeWords(step: Step): string {
  const { flow } = step;
  const side = sideOf(step);
  const lead = flow?.on ? { in: 'inhale ', out: 'exhale ' }[flow.on] : '';
  const stays = flow && flow.breaths !== HALF_BREATH ? ` ${flow.breaths} breaths` : '';
  return `${lead}${nameOf(step)}${side ? ` ${side}` : ''}${stays}`;
}

/**
 * All steps of a flow as one line, as many rounds as they are unless said otherwise: by its name where it is one of
 * the catalogue, otherwise shape by shape. Read again it is the same.
 *
 * @example flowLine(steps, flows) // 'Sun salutation A × 3'; 'exhale Downward-facing dog → inhale Plank × 5'
 */
export function flowLine(
  steps: readonly Step[],
  flows: readonly Flow[],
  rounds = steps[0]!.flow!.rounds,
): string {
  const { name } = steps[0]!.flow!;
  const known = flows.find((flow) => flow.name === name && isWhole(steps, flow));
  if (known) return `${name} × ${rounds}`;
  const label = name === flowName(steps) ? '' : `${name}: `;
  return `${label}${steps.map(shapeWords).join(' → ')} × ${rounds}`;
}

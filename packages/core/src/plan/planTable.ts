import type { Flow } from '../poses/flows.js';
import { inFlows } from '../reading/inFlows.js';
import { nameOf } from '../reading/nameOf.js';
import type { Plan } from '../reading/plan.js';
import { flowLine } from './flowLine.js';
import { sayAsked } from './sayAsked.js';

/** Headings of a plan as a table, as they are read again. */
export const TABLE_HEADS = ['part', 'step', 'hold', 'sides', 'note'] as const;

const SIDES = ['', 'each side'] as const;

/**
 * A plan as rows of a table: what it is called and how long it is, the headings, and a row for each step or flow. Read
 * again it has the same steps.
 *
 * @example planTable(readPlan('# Tides\n- Tree, 20 s left', known), known.flows)
 * // [['# Tides'], ['minutes: 60'], ['part', …], ['', 'Tree', '20 s', 'left', '']]
 */
export function planTable({ title, minutes, steps }: Plan, flows: readonly Flow[]): string[][] {
  const rows = inFlows(steps, ({ flow }) => flow).map((group): string[] => {
    const [first] = group;
    const { section = '', note = '', hold, sides, flow } = first!;
    const said = flow
      ? [flowLine(group, flows), '', '']
      : [nameOf(first!), sayAsked(hold), sides.length === 1 ? sides[0]! : SIDES[sides.length ? 1 : 0]];
    return [section, ...said, note];
  });
  return [[`# ${title}`], [`minutes: ${minutes}`], [...TABLE_HEADS], ...rows];
}

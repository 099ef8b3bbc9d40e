import type { Side } from '../side.js';
import type { Step } from './plan.js';
import type { Repeat } from './readRepeat.js';

/** The steps at the end of a section of which the sided ones were done on one side only. */
export function oneSidedRun(steps: readonly Step[], wanted: Repeat['side']): Step[] {
  let from = steps.length;
  let first = steps.length;
  let side: Side | undefined;
  while (from > 0) {
    const { sides } = steps[from - 1]!;
    if (sides.length > 1 || (sides.length && side && sides[0] !== side)) break;
    if (sides.length && wanted !== 'other' && sides[0] === wanted) break;
    from--;
    if (sides.length) {
      side = sides[0];
      first = from;
    }
  }
  return side ? steps.slice(first) : [];
}

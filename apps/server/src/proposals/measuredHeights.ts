import { sizeProp, type Fits, type PropTask } from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';

/** How high something is by a range that was measured, cm; what hangs on a usual range alone is left out. */
export function measuredHeights({
  tasks,
  fits,
}: {
  tasks: readonly PropTask[];
  fits: Fits;
}): Partial<Record<PropTask, number>> {
  const sizes = tasks.map((task) => sizeProp(task, fits, BUILT_IN));
  return Object.fromEntries(
    sizes.filter(({ from }) => from.measured).map(({ task, heightCm }) => [task, heightCm]),
  );
}

import { groupedBy } from './groupedBy.js';
import type { PropShort, RecordedClass } from './types.js';

/** Props of which there were too few, those that were short in most classes first. @param classes by date */
export function propsShort(classes: readonly RecordedClass[]): PropShort[] {
  const all = classes.flatMap(({ on, sums }) => (sums?.short ?? []).map((short) => ({ on, ...short })));
  return [...groupedBy(all, ({ prop }) => prop)]
    .map(([prop, times]) => ({
      ...{ prop, classes: times.length },
      most: Math.max(...times.map(({ by }) => by)),
      last: times.at(-1)!.on,
    }))
    .sort((a, b) => b.classes - a.classes || a.prop.localeCompare(b.prop));
}

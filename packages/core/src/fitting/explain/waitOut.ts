import { countsTowards } from '../../rules/sums.js';
import type { Sum } from '../../rules/types.js';
import type { Measures } from '../../poses/measures.js';

/** What to do instead of staying in a shape, by what goes on adding up in it. */
const OUT: readonly (readonly [RegExp, string])[] = [
  [/^supine/, 'Turn onto the side while you wait.'],
  [/^headDown/, 'Bring the head up while you wait.'],
  [/^pelvisUp/, 'Lower the pelvis while you wait.'],
];

/**
 * Who is done before the others does not wait in a shape in which something limited goes on adding up.
 *
 * @returns what to say; undefined where she may stay as she is
 * @example waitOut(flat on the back, { supineUnbroken: 60 }) // 'Turn onto the side while you wait.'
 */
export function waitOut(
  measures: Measures,
  limits: Readonly<Partial<Record<Sum, number>>>,
): string | undefined {
  const adding = (Object.keys(limits) as Sum[]).filter((sum) => countsTowards(sum, measures));
  return OUT.find(([of]) => adding.some((sum) => of.test(sum)))?.[1];
}

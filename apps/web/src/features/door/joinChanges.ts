import type { Comparison } from '@lotus-steady/core';

type Change = Comparison['differences'][number];

const keyOf = ({ personId, step, what, why }: Change): string =>
  step === undefined ? `${personId} ${what} ${why}` : `${personId} ${step}`;

/**
 * Changes of several answers as one: a step that was changed twice is told from what it was first to what it is now,
 * and not at all where it is as it was.
 *
 * @param earlier what answers before have changed
 * @param later what the last one has changed
 */
export function joinChanges(earlier: readonly Change[], later: readonly Change[]): Change[] {
  const joined = new Map(earlier.map((change) => [keyOf(change), change]));
  for (const change of later) {
    const key = keyOf(change);
    const first = joined.get(key);
    const before = first?.before ?? change.before;
    const after = change.after ?? first?.after;
    if (first && before === after) joined.delete(key);
    else
      joined.set(key, {
        ...change,
        ...(before === undefined ? {} : { before }),
        ...(after === undefined ? {} : { after }),
      });
  }
  return [...joined.values()];
}

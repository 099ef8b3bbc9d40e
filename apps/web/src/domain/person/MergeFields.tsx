import type { MergeConflict } from '@lotus-steady/core';
import { useState } from 'react';
import { Button } from '../../ui/Button.js';
import { sayPath, sayValue } from './mergeWords.js';

/**
 * Somebody else has changed the same at the same time: what only one of the two has touched is brought together
 * already; of the rest she says which holds, field by field.
 */
export function MergeFields({
  what,
  conflicts,
  onDecide,
}: {
  /** What was changed: "this person". */
  what: string;
  conflicts: readonly MergeConflict[];
  /** @param theirs those that are taken from the other */
  onDecide: (theirs: readonly MergeConflict[]) => void;
}) {
  const [taken, setTaken] = useState<ReadonlySet<number>>(new Set());
  const choose = (i: number, theirs: boolean): void => {
    const next = new Set(taken);
    if (theirs) next.add(i);
    else next.delete(i);
    setTaken(next);
  };
  return (
    <section role="alert" className="space-y-3 rounded-xl border border-clay bg-clay-wash p-4">
      <p className="font-semibold">
        Someone else has changed {what} in the meantime.{' '}
        {conflicts.length > 0
          ? 'The rest is brought together; here you both said something else. Which holds?'
          : 'You both changed different things: both are kept.'}
      </p>
      {conflicts.map((conflict, i) => (
        <fieldset key={conflict.path.join('.')} className="border-t border-line pt-2">
          <legend className="sr-only">{sayPath(conflict.path)}</legend>
          <p aria-hidden className="font-semibold">
            {sayPath(conflict.path)}
          </p>
          {([false, true] as const).map((theirs) => (
            <label key={String(theirs)} className="flex min-h-9 items-center gap-2">
              <input
                type="radio"
                className="size-5 accent-(--teal)"
                name={`merge-${i}`}
                checked={taken.has(i) === theirs}
                onChange={() => choose(i, theirs)}
              />
              <span>
                {theirs ? 'Theirs: ' : 'Yours: '}
                {sayValue(theirs ? conflict.theirs : conflict.mine)}
              </span>
            </label>
          ))}
        </fieldset>
      ))}
      <Button look="main" onClick={() => onDecide(conflicts.filter((_, i) => taken.has(i)))}>
        Save it so
      </Button>
    </section>
  );
}

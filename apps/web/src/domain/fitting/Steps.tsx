import { useMemo, type ReactNode } from 'react';
import { Sortable } from '../../ui/Sortable.js';
import type { Places } from './places.js';
import type { Live } from './live.js';

/**
 * The steps in order; where they may be changed, each can be taken by its handle and put elsewhere.
 * `atRest`: every row has been drawn once and its height is known, so that rows out of sight need not be
 * laid out and painted at every edit.
 */
export function Steps({
  places,
  live,
  atRest,
  children,
}: {
  places: Places;
  live?: Live | undefined;
  atRest: boolean;
  children: ReactNode;
}) {
  const items = useMemo(() => [...places.numbers.keys()], [places]);
  const list = (
    <ol className={atRest ? '*:[content-visibility:auto] print:*:[content-visibility:visible]' : ''}>
      {children}
    </ol>
  );
  if (!live) return list;
  const dropped = (taken: string, over: string): void => {
    const step = places.numbers.get(taken);
    const onto = places.numbers.get(over);
    if (step && onto) live.edit({ kind: 'move', step, after: onto > step ? onto : onto - 1 });
  };
  return (
    <Sortable items={items} onDrop={dropped}>
      {list}
    </Sortable>
  );
}

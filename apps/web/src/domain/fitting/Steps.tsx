import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { useMemo, type ReactNode } from 'react';
import type { Places } from './places.js';
import type { Live } from './live.js';

/** How a step is taken hold of; the same objects every time, or every row would be drawn again with them. */
const BY_HAND = { activationConstraint: { distance: 6 } };
const BY_KEY = { coordinateGetter: sortableKeyboardCoordinates };

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
  const sensors = useSensors(useSensor(PointerSensor, BY_HAND), useSensor(KeyboardSensor, BY_KEY));
  const list = (
    <ol className={atRest ? '*:[content-visibility:auto] print:*:[content-visibility:visible]' : ''}>
      {children}
    </ol>
  );
  if (!live) return list;
  const dropped = ({ active, over }: DragEndEvent): void => {
    const step = places.numbers.get(String(active.id));
    const onto = over && places.numbers.get(String(over.id));
    if (step && onto && step !== onto)
      live.edit({ kind: 'move', step, after: onto > step ? onto : onto - 1 });
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={dropped}>
      <SortableContext items={items} strategy={verticalListSortingStrategy}>
        {list}
      </SortableContext>
    </DndContext>
  );
}

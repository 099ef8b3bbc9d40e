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
import type { ReactNode } from 'react';

/** How something is taken hold of; the same objects every time, or every row would be drawn again with them. */
const BY_HAND = { activationConstraint: { distance: 6 } };
const BY_KEY = { coordinateGetter: sortableKeyboardCoordinates };

/** A list of which each row can be taken by its handle and put elsewhere, by hand and by keyboard. */
export function Sortable<Id extends string | number>({
  items,
  onDrop,
  children,
}: {
  /** Ids of the rows, in their order. */
  items: Id[];
  /** A row was let go over another one. */
  onDrop: (taken: Id, onto: Id) => void;
  children: ReactNode;
}) {
  const sensors = useSensors(useSensor(PointerSensor, BY_HAND), useSensor(KeyboardSensor, BY_KEY));
  const dropped = ({ active, over }: DragEndEvent): void => {
    if (over && over.id !== active.id) onDrop(active.id as Id, over.id as Id);
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={dropped}>
      <SortableContext items={items} strategy={verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </DndContext>
  );
}

import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useRef, useState, type ReactNode } from 'react';

interface Props<T> {
  items: readonly T[];
  keyOf: (item: T) => string;
  /** About how high a row is, px; it is measured once it is drawn. */
  rowPx: number;
  className?: string;
  rowClassName?: string;
  children: (item: T) => ReactNode;
}

/** A list up to this long is drawn whole: finding in the page and printing then reach all of it. */
const WHOLE = 80;

/** A list of which only the rows in sight are drawn, where it is long. */
export function LongList<T>(props: Props<T>) {
  const { items, keyOf, className, rowClassName, children } = props;
  if (items.length > WHOLE) return <Virtual {...props} />;
  return (
    <ul className={className}>
      {items.map((item) => (
        <li key={keyOf(item)} className={rowClassName}>
          {children(item)}
        </li>
      ))}
    </ul>
  );
}

function Virtual<T>({ items, keyOf, rowPx, className, rowClassName, children }: Props<T>) {
  const list = useRef<HTMLUListElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => setTop(list.current?.offsetTop ?? 0), []);
  const rows = useWindowVirtualizer({
    count: items.length,
    estimateSize: () => rowPx,
    overscan: 12,
    scrollMargin: top,
    getItemKey: (at) => keyOf(items[at]!),
  });
  return (
    <ul ref={list} className={className} style={{ height: rows.getTotalSize(), position: 'relative' }}>
      {rows.getVirtualItems().map(({ key, index, start }) => (
        <li
          key={key}
          ref={rows.measureElement}
          data-index={index}
          aria-setsize={items.length}
          aria-posinset={index + 1}
          className={rowClassName}
          style={{ position: 'absolute', insetInline: 0, transform: `translateY(${start - top}px)` }}
        >
          {children(items[index]!)}
        </li>
      ))}
    </ul>
  );
}

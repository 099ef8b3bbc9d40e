import { useLayoutEffect, useRef, type RefObject } from 'react';

/** Something as it is now, for handlers: whoever holds it is not drawn again when it changes. */
export type Latest<T> = Readonly<RefObject<T>>;

export function useLatest<T>(value: T): Latest<T> {
  const latest = useRef(value);
  useLayoutEffect(() => {
    latest.current = value;
  });
  return latest;
}

import { useLayoutEffect, useRef, type RefObject } from 'react';
import type { LivePlan } from './useLivePlan.js';

/** Something as it is now, for handlers: whoever holds it is not drawn again when it changes. */
export type Latest<T> = Readonly<RefObject<T>>;

export function useLatest<T>(value: T): Latest<T> {
  const latest = useRef(value);
  useLayoutEffect(() => {
    latest.current = value;
  });
  return latest;
}

/** Where the plan as it is now can be read and changed. */
export type Live = Latest<LivePlan>;

import { useEffect } from 'react';

/** A key and what it does. */
export type KeyWords = readonly [key: string, does: string];

let own: readonly KeyWords[] = [];

/** The keys of the screen that is shown. */
export const keysOfScreen = (): readonly KeyWords[] => own;

/** Tells the keys of a screen while it is shown. */
export function useKeys(keys: readonly KeyWords[] | undefined): void {
  useEffect(() => {
    own = keys ?? [];
    return () => {
      own = [];
    };
  }, [keys]);
}

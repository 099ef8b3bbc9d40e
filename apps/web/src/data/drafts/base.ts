import { useState } from 'react';

/** Something as it was read: what a form began with, and the version it came in. */
interface Base<T> {
  version: number;
  part: T;
}

const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * The version on which a form saves a part of something: the newest, as long as that part still is what the
 * form began with; otherwise the one it began with, so that nobody's change is overwritten unseen.
 *
 * @returns `version` to save on; `rebase` after saving or taking another's; whether another's leaves the
 *   part as it was, so that it may be saved on theirs at once
 */
export function useBase<T>(now: Base<T>) {
  const [base, rebase] = useState(now);
  return {
    version: isSame(now.part, base.part) ? now.version : base.version,
    rebase,
    isUntouched: (theirs: T): boolean => isSame(theirs, base.part),
  };
}

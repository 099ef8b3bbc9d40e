import type { DraftOfForm } from './useDraft.js';

/** Something as it was read: what a form began with, and the version it came in. */
export interface Base<T> {
  version: number;
  part: T;
}

const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * The version on which a form saves a part of something: the newest, as long as that part still is what the
 * form began with; otherwise the one it began with, so that nobody's change is overwritten unseen.
 */
export const versionOn = <T>(now: Base<T>, { base }: DraftOfForm<Base<T>>): number =>
  isSame(now.part, base.part) ? now.version : base.version;

/** Whether another's save leaves the part as it was, so that it may be saved on theirs at once. */
export const isUntouched = <T>(theirs: T, { base }: DraftOfForm<Base<T>>): boolean =>
  isSame(theirs, base.part);

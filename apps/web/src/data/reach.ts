let answers = true;
const listeners = new Set<() => void>();

/** Whether the hall's computer answered when it was last asked. */
export const isAnswered = (): boolean => answers;

export function setAnswered(now: boolean): void {
  if (answers === now) return;
  answers = now;
  for (const listener of listeners) listener();
}

/** @returns to listen no more */
export function onReach(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

const listeners = new Set<() => void>();

/** Told when the server no longer knows who is here. @returns to listen no more */
export function onSignedOut(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export const sayIsSignedOut = (): void => listeners.forEach((listener) => listener());

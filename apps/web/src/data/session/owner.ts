let now = '';

/** Whose is what this device keeps: an account in a hall; empty while nobody is known. */
export const owner = (): string => now;

export function setOwner(whose: string): void {
  now = whose;
}

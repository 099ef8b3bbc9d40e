import { createHash, randomBytes } from 'node:crypto';

/** 256 bits that nobody guesses, as 43 letters, digits, `-` and `_`. */
export const newSecret = (): string => randomBytes(32).toString('base64url');

/** What is kept of a secret in place of it: whoever reads the database cannot use it. Hex, 64 digits. */
export const printOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');

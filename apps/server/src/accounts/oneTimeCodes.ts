import { randomInt } from 'node:crypto';
import { generateSecret, generateURI, verify } from 'otplib';
import { printOf } from '../common/secret.js';

/** Seconds that a code holds, and how far off a phone's clock may be (RFC 6238, 5.2: one step either way). */
const STEP = 30;
/** Letters of a recovery code: 32 that are not mistaken for each other. */
const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789x';
const RECOVERY_CODES = 10;
const RECOVERY_LENGTH = 16;

export const newCodeSecret = (): string => generateSecret();

/** What the program that makes codes on her phone reads. */
export const codeAddress = (secret: string, signIn: string): string =>
  generateURI({ issuer: 'Lotus Steady', label: signIn, secret });

/**
 * The time step of a code, if it is right and was not taken before.
 *
 * @param last the step of the last code that was taken
 * @param now seconds since 1970
 */
export async function codeStep(
  secret: string,
  code: string,
  last: number | null,
  now = Date.now() / 1000,
): Promise<number | undefined> {
  const token = code.replace(/\s/g, '');
  if (!/^\d{6}$/.test(token)) return undefined;
  const epoch = Math.floor(now);
  const answer = await verify({ secret, token, epoch, epochTolerance: STEP });
  if (!answer.valid) return undefined;
  const step = Math.floor(epoch / STEP) + answer.delta;
  return last !== null && step <= last ? undefined : step;
}

/** Codes for when the phone is lost, each good once: shown now, kept as prints. */
export function newRecoveryCodes(): { codes: string[]; prints: string[] } {
  const letter = (): string => LETTERS[randomInt(LETTERS.length)]!;
  const codes = Array.from({ length: RECOVERY_CODES }, () =>
    Array.from({ length: RECOVERY_LENGTH }, letter)
      .join('')
      .replace(/.{4}(?=.)/g, '$&-'),
  );
  return { codes, prints: codes.map(recoveryPrint) };
}

/** The print of a recovery code, however it was typed. */
export const recoveryPrint = (code: string): string => printOf(code.toLowerCase().replace(/[^a-z\d]/g, ''));

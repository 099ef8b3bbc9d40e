import { hash, verify } from '@node-rs/argon2';
import { dictionary } from '@zxcvbn-ts/language-common';
import type { InputError } from '@lotus-steady/core';

/** As OWASP's password storage cheat sheet has it: 19 MiB, 2 passes, 1 lane; argon2id is what the package does. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };
/** Characters. Long is stronger than odd (NIST SP 800-63B-4, 3.1.1.2). */
const LEAST = 12;
export const PASSWORD_MOST = 200;

/** Passwords that are tried first by whoever guesses, also with a number behind; what is shorter makes no word. */
const COMMON = new Set(
  (dictionary['passwords-common'] as readonly string[]).filter(({ length }) => length >= LEAST / 2),
);

/** One way to write each letter: another keyboard may write it in another. */
const asTyped = (password: string): string => password.normalize('NFKC');

export const hashPassword = (password: string): Promise<string> => hash(asTyped(password), COST);

/** For names that nobody has: looking takes as long as for those that somebody has. */
const NOBODY = hashPassword('nobody has this password');

/** Whether a password is the one; never for an account without one, which takes as long to say. */
export async function isPassword(kept: string | null | undefined, password: string): Promise<boolean> {
  const is = await verify(kept ?? (await NOBODY), asTyped(password));
  return Boolean(kept) && is;
}

/**
 * What is wrong with a new password.
 *
 * @param about words that whoever knows her would try: her name, the hall's
 */
export function passwordErrors(password: string, about: readonly string[], field = 'password'): InputError[] {
  const typed = asTyped(password);
  const small = typed.toLowerCase();
  const wrong = (message: string): InputError[] => [{ field, message }];
  if ([...typed].length < LEAST)
    return wrong(`Take ${LEAST} characters or more: a few words that belong together only for you will do.`);
  const plain = small.replace(/[\d\s\p{P}]+$/u, '');
  if (COMMON.has(small) || COMMON.has(plain) || new Set(small).size < 5)
    return wrong('This is among the passwords that are tried first. Take another.');
  const known = about.map((word) => word.toLowerCase().trim()).filter(({ length }) => length > 3);
  if (known.some((word) => small.replaceAll(word, '').length < LEAST / 2))
    return wrong('Take one that does not rest on your name or the hall’s.');
  return [];
}

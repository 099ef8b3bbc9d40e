/**
 * What somebody signs in with, written in one way: small letters, no spaces around it, one way to write each letter.
 *
 * @example signInName(' Maren@Hall.Example ') // 'maren@hall.example'
 */
export const signInName = (typed: string): string => typed.normalize('NFKC').trim().toLowerCase();

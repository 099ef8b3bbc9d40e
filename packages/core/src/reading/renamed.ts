import { readCount } from './readCount.js';
import { readSides } from './readSides.js';

/** What is left out of a text where another has spaces, put together. */
const takenOut = (text: string, rest: string): string =>
  Array.from(text, (letter, i) => (letter === rest[i] ? ' ' : letter))
    .join('')
    .replace(/\s+/gu, ' ')
    .trim();

/**
 * A piece of a plan with another name in it; what it says of holds and sides stays.
 *
 * @example renamed('Tre 30s e/s, wobbly', 'Tree') // 'Tree, 30s e/s'
 */
export function renamed(piece: string, name: string): string {
  const { rest: unsided } = readSides(piece);
  const { rest } = readCount(unsided, true);
  const said = [takenOut(unsided, rest), takenOut(piece, unsided)].filter(Boolean).join(' ');
  return said ? `${name}, ${said}` : name;
}

/** Line breaks and other controls, halves of characters, and marks that hide, or turn round what stands beside them. */
const HIDDEN = /[\p{Cc}\p{Cs}\u061c\u200b\u200e\u200f\u2028-\u202e\u2060-\u2069\ufeff]/u;
const SEEN = /[\p{L}\p{N}\p{P}\p{S}]/u;

/**
 * Whether a text can stand in a line among others, as a name or a title: there is something to see in it, and
 * nothing that cannot be seen.
 *
 * @example isLine('Zoë O’Neill') // true
 * @example isLine('A\u202eB') // false: what follows would read backwards
 */
export const isLine = (text: string): boolean => SEEN.test(text) && !HIDDEN.test(text);

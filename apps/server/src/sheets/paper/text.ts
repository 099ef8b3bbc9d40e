import type { Face } from './faces.js';

/** Words in one face and colour. */
export interface Run {
  text: string;
  face?: Face;
  /** `#rrggbb`; ink unless given. */
  colour?: string;
}

/** A part of a line, set in one face. */
export interface Piece {
  text: string;
  face: Face;
  colour: string;
  width: number;
}

/** What is asked of the faces of a paper. */
export interface Setting {
  /** Points that words take in a face at a size. */
  widthOf(text: string, face: Face, size: number): number;
  /** Whether a face has a letter. */
  has(face: Face, letter: string): boolean;
}

const INK = '#23302f';

/** Words of a run by the face that has their letters: what its own has not is set in the spare one. */
function inFaces({ text, face = 'plain', colour = INK }: Run, setting: Setting): Omit<Piece, 'width'>[] {
  const pieces: Omit<Piece, 'width'>[] = [];
  for (const letter of text) {
    const own = letter === ' ' || setting.has(face, letter) ? face : 'spare';
    const last = pieces.at(-1);
    if (last && (last.face === own || letter === ' ')) last.text += letter;
    else pieces.push({ text: letter, face: own, colour });
  }
  return pieces;
}

/** Breaks between words, which stay with the space after them. */
const WORDS = /\S+\s*|\s+/gu;

/**
 * Sets runs in lines of a width. A word that is wider than a line is broken between its letters; no word is left out.
 *
 * @param width points
 * @param size of the letters, points
 * @returns lines from the top, each in pieces from the left
 */
export function linesOf(runs: readonly Run[], width: number, size: number, setting: Setting): Piece[][] {
  const lines: Piece[][] = [[]];
  let left = width;
  const put = (piece: Omit<Piece, 'width'>, wide: number): void => {
    const line = lines.at(-1)!;
    const last = line.at(-1);
    if (last && last.face === piece.face && last.colour === piece.colour) {
      last.text += piece.text;
      last.width = setting.widthOf(last.text, last.face, size);
    } else line.push({ ...piece, width: wide });
    left -= wide;
  };
  const next = (): void => {
    lines.push([]);
    left = width;
  };
  for (const run of runs)
    for (const piece of inFaces(run, setting))
      for (const word of piece.text.match(WORDS) ?? []) {
        const wide = setting.widthOf(word, piece.face, size);
        // The space after a word may hang over the edge.
        const needs = setting.widthOf(word.trimEnd(), piece.face, size);
        if (needs > left && lines.at(-1)!.length) next();
        if (needs <= left) {
          put({ ...piece, text: word }, wide);
          continue;
        }
        for (const letter of word) {
          const its = setting.widthOf(letter, piece.face, size);
          if (its > left && lines.at(-1)!.length) next();
          put({ ...piece, text: letter }, its);
        }
      }
  return lines.filter((line, i) => line.length || i === 0);
}

/** A piece of a text and where it stands. */
export interface Piece {
  from: number;
  to: number;
  text: string;
}

/** Pieces of a text between marks, each with its place. */
export function cut({ from, text }: Piece, mark: RegExp): Piece[] {
  const pieces: Piece[] = [];
  let at = 0;
  const push = (end: number): void => {
    const raw = text.slice(at, end);
    const trimmed = raw.trim();
    const start = from + at + raw.indexOf(trimmed);
    if (trimmed) pieces.push({ from: start, to: start + trimmed.length, text: trimmed });
  };
  for (const match of text.matchAll(mark)) {
    push(match.index);
    at = match.index + match[0].length;
  }
  push(text.length);
  return pieces;
}

/** Lines of a text with where they begin. */
export function linesOf(source: string): Piece[] {
  const lines: Piece[] = [];
  let from = 0;
  for (const raw of source.split('\n')) {
    const text = raw.replace(/\r$/, '');
    lines.push({ from, to: from + text.length, text });
    from += raw.length + 1;
  }
  return lines;
}

/** A piece without the space round it. */
export const trimmed = ({ from, text }: Piece): Piece => {
  const body = text.trim();
  const at = from + text.indexOf(body);
  return { from: at, to: at + body.length, text: body };
};

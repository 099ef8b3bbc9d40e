import { MARGIN } from '../sheets/kinds/parts.js';
import { words } from '../sheets/kinds/parts.js';
import { setColumns } from '../sheets/paper/columns.js';
import { Paper } from '../sheets/paper/paper.js';

const SIZE = 11;
const SIDES = MARGIN * 2;

/** Sets a letter as it was edited. @param on the day it is written, `YYYY-MM-DD` @returns it as a PDF */
export async function writeLetter({
  text,
  on,
  said,
}: {
  text: string;
  on: string;
  said: string;
}): Promise<Uint8Array> {
  const paper = new Paper('Letter', on, true);
  const blocks = [said, ...text.split('\n')].map((line) =>
    words(paper, [{ text: line.trim() || ' ' }], SIZE, { after: line === said ? SIZE * 2 : 0 }),
  );
  paper.turn();
  setColumns(paper, blocks, { margin: SIDES, columns: 1, gap: 0, foot: MARGIN }, SIDES);
  return paper.done();
}

import { PAGE, type Paper } from './paper.js';

/** Something that is not torn apart by the end of a column. */
export interface Block {
  /** Points that it takes in a column of a width. */
  height(width: number): number;
  draw(x: number, y: number, width: number): void;
  /** A heading: what comes after it begins in the same column. */
  keeps?: boolean;
  /** Points left free after it. */
  after?: number;
}

/** How a sheet is set: points. */
export interface Frame {
  margin: number;
  columns: number;
  gap: number;
  /** Kept free at the foot. */
  foot: number;
}

interface Spot {
  page: number;
  column: number;
  y: number;
}

const widthIn = ({ margin, columns, gap }: Frame): number =>
  (PAGE.width - 2 * margin - gap * (columns - 1)) / columns;

/**
 * Where blocks come to lie, column after column and page after page. What is taller than a whole column begins one and
 * runs over its foot rather than being left out.
 *
 * @param top where the columns of the first page begin
 */
function spotsOf(blocks: readonly Block[], frame: Frame, top: number): Spot[] {
  const width = widthIn(frame);
  const bottom = PAGE.height - frame.margin - frame.foot;
  const spots: Spot[] = [];
  let at: Spot = { page: 0, column: 0, y: top };
  const startOf = (page: number): number => (page === 0 ? top : frame.margin);
  blocks.forEach((block, i) => {
    const height = block.height(width);
    const next = block.keeps ? (blocks[i + 1]?.height(width) ?? 0) + (block.after ?? 0) : 0;
    if (at.y + height + next > bottom && at.y > startOf(at.page)) {
      const column = (at.column + 1) % frame.columns;
      const page = column ? at.page : at.page + 1;
      at = { page, column, y: startOf(page) };
    }
    spots.push(at);
    at = { ...at, y: at.y + height + (block.after ?? 0) };
  });
  return spots;
}

/** Pages that blocks take. */
export const pagesOf = (blocks: readonly Block[], frame: Frame, top: number): number =>
  (spotsOf(blocks, frame, top).at(-1)?.page ?? 0) + 1;

/** Puts blocks on the paper, from the page that is open on. */
export function setColumns(paper: Paper, blocks: readonly Block[], frame: Frame, top: number): void {
  const width = widthIn(frame);
  let open = 0;
  spotsOf(blocks, frame, top).forEach(({ page, column, y }, i) => {
    for (; open < page; open++) paper.turn();
    blocks[i]!.draw(frame.margin + column * (width + frame.gap), y, width);
  });
}

/** From the largest down: letters and figures beside their usual size. */
const SCALES = [1, 0.94, 0.88, 0.82, 0.76, 0.7, 0.64];

/**
 * The largest scale at which blocks fit on some pages; the smallest where none does, for nothing is left out.
 *
 * @param blocksAt the blocks and where they begin, at a scale
 */
export function scaleFor(
  most: number,
  blocksAt: (scale: number) => { blocks: readonly Block[]; frame: Frame; top: number },
): number {
  const fits = SCALES.find((scale) => {
    const { blocks, frame, top } = blocksAt(scale);
    return pagesOf(blocks, frame, top) <= most;
  });
  return fits ?? SCALES.at(-1)!;
}

import { PAGE, type Place } from '../paper/paper.js';
import type { Sheet } from '../sheet.js';
import { LINE } from '../sheet.js';

/** Cards are cut apart along these lines: how many lie beside and below each other. */
export interface CardGrid {
  columns: number;
  rows: number;
}

/** Free around what is on a card, points. */
export const CARD_MARGIN = 24;

/**
 * Lays cards out, page after page, with lines to cut along.
 *
 * @param draw puts a card into its place, `height` points tall, margins taken off
 */
export function layCards<T>(
  { paper }: Pick<Sheet, 'paper'>,
  cards: readonly T[],
  { columns, rows }: CardGrid,
  draw: (card: T, place: Place, height: number) => void,
): void {
  const width = PAGE.width / columns;
  const height = PAGE.height / rows;
  cards.forEach((card, i) => {
    const at = i % (columns * rows);
    if (at === 0) {
      paper.turn();
      paper.besides((doc) => {
        doc.save().lineWidth(0.5).strokeColor(LINE).dash(4, { space: 4 });
        for (let c = 1; c < columns; c++) doc.path(`M${c * width} 0V${PAGE.height}`).stroke();
        for (let r = 1; r < rows; r++) doc.path(`M0 ${r * height}H${PAGE.width}`).stroke();
        doc.restore();
      });
    }
    const place = {
      x: (at % columns) * width + CARD_MARGIN,
      y: Math.floor(at / columns) * height + CARD_MARGIN,
      width: width - 2 * CARD_MARGIN,
    };
    paper.section(() => draw(card, place, height - 2 * CARD_MARGIN));
  });
}

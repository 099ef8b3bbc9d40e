/** Props a hall lends out, and how thick one is. */
export interface Stock {
  blankets: number;
  blocks: number;
  bolsters: number;
  chairs: number;
  straps: number;
  blanketCm: number;
  blockCm: readonly [flat: number, edge: number, upright: number];
}

/**
 * A small hall's cupboard. Sizes: usual folded blankets and foam blocks (common practice, no published
 * source).
 */
export const USUAL_STOCK: Stock = {
  blankets: 24,
  blocks: 24,
  bolsters: 8,
  chairs: 16,
  straps: 12,
  blanketCm: 2.5,
  blockCm: [7.5, 15, 23],
};

/** A height made up from what is owned, said as one lays it out, and how far it misses. */
export interface Layers {
  heightCm: number;
  missCm: number;
  blankets: number;
  blocks: readonly ('flat' | 'on edge' | 'upright')[];
  words: string;
}

const LIES = ['flat', 'on edge', 'upright'] as const;

const plural = (count: number, word: string): string => `${count} ${word}${count === 1 ? '' : 's'}`;

/** Says what to take: "2 blocks flat and 1 blanket"; "nothing" for no height. */
function say(blocks: Layers['blocks'], blankets: number): string {
  const parts = LIES.flatMap((lie) => {
    const count = blocks.filter((block) => block === lie).length;
    return count ? [`${plural(count, 'block')} ${lie}`] : [];
  });
  if (blankets) parts.push(plural(blankets, 'folded blanket'));
  return parts.join(' and ') || 'nothing';
}

/**
 * The closest that blankets, or blocks with blankets on top, come to a height.
 *
 * Of equally close ones the one with the fewest pieces; an upright block carries nothing on top.
 *
 * @param heightCm what is wanted, 0 and up
 * @param soft only blankets: under shoulders and neck
 * @example fromStock(10, USUAL_STOCK, true).words // '4 folded blankets'
 */
export function fromStock(heightCm: number, stock: Stock, soft = false): Layers {
  const piles: Layers['blocks'][] = soft
    ? [[]]
    : [
        [],
        ['flat'],
        ['on edge'],
        ['upright'],
        ['flat', 'flat'],
        ['on edge', 'flat'],
        ['flat', 'flat', 'flat'],
        ['on edge', 'on edge'],
      ];
  let best: Layers | undefined;
  for (const blocks of piles) {
    if (blocks.length > stock.blocks) continue;
    const base = blocks.reduce((sum, lie) => sum + stock.blockCm[LIES.indexOf(lie)]!, 0);
    const usual = soft ? 8 : 6;
    const most = Math.min(stock.blankets, blocks.includes('upright') ? 0 : usual);
    for (let blankets = 0; blankets <= most; blankets++) {
      const height = base + blankets * stock.blanketCm;
      const missCm = Math.abs(height - heightCm);
      const pieces = blocks.length + blankets;
      if (
        !best ||
        missCm < best.missCm - 0.3 ||
        (missCm <= best.missCm + 0.3 && pieces < best.blocks.length + best.blankets)
      )
        best = { heightCm: height, missCm, blankets, blocks, words: say(blocks, blankets) };
    }
  }
  return best!;
}

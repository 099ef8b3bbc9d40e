import type { PropUse } from '../fitting/types.js';

/** What a house has: see {@link atHome}. */
export const HOUSE_PROPS = [
  'wall',
  'chair',
  'table',
  'book',
  'cushion',
  'blanket',
  'tie',
  'towel',
  'rug',
] as const;
export type HouseProp = (typeof HOUSE_PROPS)[number];

/** What most houses have; a firm step to stand on is not among it. Common practice, no published source. */
export const USUAL_HOUSE: readonly HouseProp[] = HOUSE_PROPS;

/** What does at home for a prop of the hall, and how it is said. Common practice, no published source. */
const INSTEAD: Readonly<
  Record<string, { from: HouseProp; says: (count: number, heightCm: number) => string }>
> = {
  wall: { from: 'wall', says: () => 'a free piece of wall' },
  chair: { from: 'chair', says: () => 'a firm chair without wheels, its back to the wall' },
  table: { from: 'table', says: () => 'a table that does not move' },
  block: {
    from: 'book',
    says: (count, heightCm) =>
      `${count === 1 ? 'thick books' : `${count} equal piles of books`}, firm, ${Math.round(heightCm)} cm high`,
  },
  blanket: {
    from: 'blanket',
    says: (count) => (count === 1 ? 'a folded blanket' : `${count} folded blankets`),
  },
  bolster: { from: 'blanket', says: () => 'a duvet or two blankets, rolled firm' },
  cushion: { from: 'cushion', says: (count) => (count === 1 ? 'a firm cushion' : `${count} firm cushions`) },
  strap: { from: 'tie', says: () => 'a tie, a belt or a scarf' },
  roll: { from: 'towel', says: () => 'a rolled towel' },
  mat: { from: 'rug', says: () => 'a mat or a rug that does not slip' },
};

/**
 * What somebody takes at home for the props of a step.
 *
 * @param has what is in the house
 * @returns what is said of each, each once; undefined where something is missing
 */
export function atHome(props: readonly PropUse[], has: readonly HouseProp[]): string[] | undefined {
  const said = props.map(({ prop, count, heightCm }) => {
    const found = INSTEAD[prop];
    return found && has.includes(found.from) ? found.says(count, heightCm) : undefined;
  });
  return said.some((one) => one === undefined) ? undefined : [...new Set(said as string[])];
}

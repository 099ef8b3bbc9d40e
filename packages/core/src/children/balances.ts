/** A balance on so many parts of the body, with an easier and a harder way; the head is never one of them. */
export interface Balance {
  parts: number;
  easier: string;
  harder: string;
}

/** In this order: it grows, and comes back to what is easy (common practice, no published source). */
export const BALANCES: readonly Balance[] = [
  { parts: 2, easier: 'both feet, a hand on the wall', harder: 'one foot and one hand' },
  { parts: 3, easier: 'both feet and one hand', harder: 'one foot and both hands' },
  { parts: 4, easier: 'hands and knees', harder: 'hands and feet, the knees just off the floor' },
  { parts: 2, easier: 'both feet, low', harder: 'the seat alone, and one foot' },
];

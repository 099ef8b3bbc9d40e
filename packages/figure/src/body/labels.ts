/** What a triangle of the body shows: one of the figure's colours, from 1; 0 is nothing. */
export const LABEL = { top: 1, leg: 2, skin: 3, hair: 4 } as const;

/** Names of the colours by {@link LABEL}. */
export const TONES = ['', 'top', 'leg', 'skin', 'hair'] as const;

/** Which piece of the surface a triangle is of. Buns and plait are worn one at a time, or none. */
export const PART = { body: 0, head: 1, highBun: 2, lowBun: 3, plait: 4, hand: 5, foot: 6 } as const;

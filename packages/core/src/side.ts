/** One side of a body, as the person herself has it. */
export type Side = 'right' | 'left';

import type { Fitting } from '../fitting/types.js';

/** The versions that a class asks for, each once, in its order: what a set of cards is made of. */
export const posesOf = ({ steps }: Pick<Fitting, 'steps'>): string[] => [
  ...new Set(steps.filter(({ leftOut }) => !leftOut).map(({ variant }) => variant)),
];

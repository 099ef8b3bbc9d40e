import { parseSequence, type InputError } from '@lotus-steady/core';
import { ownCatalogue, type OwnVariants } from '../own-variants/ownCatalogue.js';

/** Reads a sequence for its title, and for what of it cannot be read. */
export function checkSequence({ source, own }: { source: string; own: OwnVariants }): {
  title: string;
  errors: InputError[];
} {
  const { sequence, errors } = parseSequence(source, ownCatalogue(own));
  return {
    title: sequence.title,
    errors: errors.map(({ message, line }) => ({ field: `source:${line}`, message })),
  };
}

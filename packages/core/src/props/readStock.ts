import type { InputError } from '../people/types.js';
import { PROP_NAMES } from './propNames.js';

/** Most of one prop that a hall is taken to own. */
const STOCK_MOST = 999;

/** What a hall owns, by prop, as sent or kept. */
export function readStock(value: unknown): { stock: Record<string, number>; errors: InputError[] } {
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    return { stock: {}, errors: [{ field: 'stock', message: 'A table of props and counts is needed.' }] };
  const errors = Object.entries(value).flatMap(([prop, count]): InputError[] => {
    const field = `stock.${prop}`;
    if (!(PROP_NAMES as readonly string[]).includes(prop))
      return [{ field, message: `Props that are counted: ${PROP_NAMES.join(', ')}.` }];
    const isCount = Number.isInteger(count) && count >= 0 && count <= STOCK_MOST;
    return isCount ? [] : [{ field, message: `A whole number from 0 to ${STOCK_MOST} is needed.` }];
  });
  return { stock: errors.length ? {} : (value as Record<string, number>), errors };
}

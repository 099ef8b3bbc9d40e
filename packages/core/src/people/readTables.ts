import type { InputError } from './types.js';

/** Whether a value as written has keys. */
export const isTable = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Reads a list of tables, naming each problem by its place. */
export function readTables<T>(
  value: unknown,
  field: string,
  errors: InputError[],
  one: (raw: Record<string, unknown>, fail: (key: string, message: string) => void) => T | undefined,
): T[] {
  if (value === undefined || value === null) return [];
  if (!Array.isArray(value)) {
    errors.push({ field, message: `${field} is a list.` });
    return [];
  }
  return value.flatMap((raw, i) => {
    const fail = (key: string, message: string): void => {
      errors.push({ field: key ? `${field}[${i}].${key}` : `${field}[${i}]`, message });
    };
    if (!isTable(raw)) {
      fail('', 'This is a table.');
      return [];
    }
    const read = one(raw, fail);
    return read ? [read] : [];
  });
}

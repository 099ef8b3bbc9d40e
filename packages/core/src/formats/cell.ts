/** What a sheet would take for a formula at the beginning of a cell. */
const FORMULA = /^[=+\-@\t\r]/;
const ESCAPED = /^'(?=[=+\-@\t\r'])/;

/**
 * A value as the text of one cell: words as they are, yes and no, numbers, and lists and tables as JSON. Words that
 * would be read as something else have quotes around them; what a sheet would take for a formula begins with an
 * apostrophe.
 *
 * @example writeCell(true) // 'yes'
 * @example writeCell('12') // '"12"'
 */
export function writeCell(value: unknown): string {
  if (value === undefined || value === null) return '';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value !== 'string') return JSON.stringify(value);
  const text = readCell(value) === value ? value : JSON.stringify(value);
  return FORMULA.test(text) || text.startsWith("'") ? `'${text}` : text;
}

/**
 * What the text of one cell says; nothing where it is empty.
 *
 * @example readCell('no') // false
 */
export function readCell(text: string): unknown {
  const bare = text.replace(ESCAPED, '').trim();
  if (!bare) return undefined;
  if (/^yes$/i.test(bare)) return true;
  if (/^no$/i.test(bare)) return false;
  try {
    return JSON.parse(bare) as unknown;
  } catch {
    return bare;
  }
}

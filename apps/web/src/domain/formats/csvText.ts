/** Spreadsheets take a file for UTF-8 when it begins with this. */
const UTF_8 = '\uFEFF';

/** Rows as the text of a CSV file (RFC 4180). What writes it is loaded when one is saved. */
export async function csvText(rows: readonly (readonly string[])[]): Promise<string> {
  const { default: papa } = await import('papaparse');
  return UTF_8 + papa.unparse(rows as string[][], { newline: '\r\n' });
}

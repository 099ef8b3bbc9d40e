/** Larger than any plan of a class, and smaller than a film dropped by mistake, bytes. */
const FILE_MOST = 20_000_000;

/** Ends of names that are opened. */
export const OPENED = ['.txt', '.md', '.docx', '.csv', '.tsv', '.xlsx', '.json'] as const;

/** A row of cells as a line of a table; a cell that has lines of its own stays one. */
const rowLine = (cells: readonly unknown[]): string =>
  cells
    .map((cell) =>
      String(cell ?? '')
        .replace(/\s+/gu, ' ')
        .trim(),
    )
    .join('\t');

/** Rows of a table as text. Empty columns and rows at its ends are left out. */
export const tableText = (rows: readonly (readonly unknown[])[]): string =>
  rows
    .map((row) => rowLine(row).replace(/\t+$/u, ''))
    .join('\n')
    .trim();

const HEADING = /^H[1-6]$/;

/** A document's headings, lists, tables and paragraphs as a plan is written: one thing a line. */
export function documentText(html: string): string {
  const lines: string[] = [];
  const textOf = (element: Element): string => (element.textContent ?? '').replace(/\s+/gu, ' ').trim();
  const walk = (element: Element): void => {
    for (const child of element.children) {
      if (HEADING.test(child.tagName)) lines.push(`## ${textOf(child)}`);
      else if (child.tagName === 'LI') lines.push(`- ${textOf(child)}`);
      else if (child.tagName === 'TR') lines.push(rowLine([...child.children].map(textOf)));
      else if (child.tagName === 'P') lines.push(textOf(child));
      else walk(child);
    }
  };
  walk(new DOMParser().parseFromString(html, 'text/html').body);
  return lines.join('\n').trim();
}

/** A sequence as it is exported. */
export interface SequenceFile {
  title: string;
  source: string;
}

/** The text of our own JSON. @throws Error where it is none */
export function jsonText(text: string): string {
  const read = ((): Partial<SequenceFile> => {
    try {
      return JSON.parse(text) as Partial<SequenceFile>;
    } catch {
      throw new Error('This is no JSON that can be read.');
    }
  })();
  if (typeof read?.source !== 'string')
    throw new Error('This JSON has no "source" with the text of a sequence.');
  return read.source;
}

/**
 * A file as the text of a plan: text, Word, tables, our own JSON. What reads the larger kinds is loaded when one comes.
 *
 * @throws Error in words a person can act on
 */
export async function openPlan(file: File): Promise<string> {
  const end = /\.[^.]+$/.exec(file.name.toLowerCase())?.[0] ?? '';
  if (file.size > FILE_MOST) throw new Error('This file is too large for a plan.');
  switch (end) {
    case '.docx': {
      const { default: mammoth } = await import('mammoth');
      const { value } = await mammoth.convertToHtml({ arrayBuffer: await file.arrayBuffer() }).catch(() => {
        throw new Error('This is no Word document that can be read.');
      });
      return documentText(value);
    }
    case '.csv':
    case '.tsv': {
      const { default: papa } = await import('papaparse');
      return tableText(papa.parse<string[]>(await file.text(), { skipEmptyLines: true }).data);
    }
    case '.xlsx': {
      const { readSheet } = await import('read-excel-file/universal');
      const rows = await readSheet(file).catch(() => {
        throw new Error('This is no spreadsheet that can be read.');
      });
      return tableText(rows);
    }
    case '.json':
      return jsonText(await file.text());
    case '.txt':
    case '.md':
    case '':
      return file.text();
    default:
      throw new Error(`A file that ends in ${end} cannot be opened: ${OPENED.join(', ')} can.`);
  }
}

import { readFhir, readPeopleTable, type Bringing, type BroughtIn } from '@lotus-steady/core';

/** Files that people are read from, by their endings. */
export const PEOPLE_FILES = ['.csv', '.tsv', '.xlsx', '.vcf', '.json'] as const;
/** More than a list of a hall takes, bytes. */
const FILE_MOST = 10_000_000;

/**
 * The people in a file: a table, cards, or FHIR. What reads the larger kinds is loaded when one comes.
 *
 * @throws Error in words a person can act on
 */
export async function peopleIn(file: File, bringing: Bringing): Promise<BroughtIn[]> {
  const end = /\.[^.]+$/.exec(file.name.toLowerCase())?.[0] ?? '';
  if (file.size > FILE_MOST) throw new Error('This file is too large for a list of people.');
  const { people, problem } = await readBy(end, file, bringing);
  if (problem) throw new Error(problem);
  if (!people.length) throw new Error('Nobody is in this file.');
  return people;
}

async function readBy(
  end: string,
  file: File,
  bringing: Bringing,
): Promise<{ people: BroughtIn[]; problem?: string }> {
  switch (end) {
    case '.csv':
    case '.tsv': {
      const { default: papa } = await import('papaparse');
      const text = (await file.text()).replace(/^\uFEFF/, '');
      return readPeopleTable(papa.parse<string[]>(text, { delimiter: delimiterOf(text) }).data, bringing);
    }
    case '.xlsx': {
      const { readSheet } = await import('read-excel-file/universal');
      const rows = await readSheet(file).catch(() => {
        throw new Error('This is no spreadsheet that can be read.');
      });
      return readPeopleTable(
        rows.map((row) => row.map(cellText)),
        bringing,
      );
    }
    case '.vcf': {
      const { cardPeople } = await import('./cardPeople.js');
      return cardPeople(await file.text(), bringing);
    }
    case '.json': {
      const text = await file.text();
      try {
        return readFhir(JSON.parse(text), bringing);
      } catch (error) {
        if (error instanceof SyntaxError) throw new Error('This is no JSON that can be read.');
        throw error;
      }
    }
    default:
      throw new Error(
        `A file that ends in ${end || 'nothing'} cannot be opened: ${PEOPLE_FILES.join(', ')} can.`,
      );
  }
}

/**
 * What stands between the cells, as the line that names the columns has it: what is in the cells of other lines says
 * little, for conditions have commas and semicolons between them.
 */
function delimiterOf(text: string): string {
  const [head = ''] = text.split(/\r?\n/, 1);
  const counted = [',', ';', '\t'].map((sign) => ({ sign, count: head.split(sign).length }));
  return counted.sort((a, b) => b.count - a.count)[0]!.sign;
}

/** A cell of a spreadsheet as it would stand in a table of text. */
const cellText = (cell: unknown): string => {
  if (cell instanceof Date) return cell.toISOString().slice(0, 10);
  if (typeof cell === 'boolean') return cell ? 'yes' : 'no';
  return typeof cell === 'string' || typeof cell === 'number' ? String(cell) : '';
};

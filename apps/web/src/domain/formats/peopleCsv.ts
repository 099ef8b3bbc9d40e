import { writePeopleTable, type WrittenDown } from '@lotus-steady/core';
import { readAllPeople } from '../../data/people/readAllPeople.js';

/** Spreadsheets take a file for UTF-8 when it begins with this. */
const UTF_8 = '\uFEFF';

/** Everybody of the hall as a CSV file. */
export async function peopleCsv(): Promise<string> {
  const { default: papa } = await import('papaparse');
  const people = await readAllPeople();
  return UTF_8 + papa.unparse(writePeopleTable(people as unknown as WrittenDown[]), { newline: '\r\n' });
}

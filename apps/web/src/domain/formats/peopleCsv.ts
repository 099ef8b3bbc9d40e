import { writePeopleTable, type WrittenDown } from '@lotus-steady/core';
import { readTable } from '../../data/people/readTable.js';
import { csvText } from './csvText.js';

/** Everybody of the hall as a CSV file. */
export const peopleCsv = async (): Promise<string> =>
  csvText(writePeopleTable((await readTable()) as unknown as WrittenDown[]));

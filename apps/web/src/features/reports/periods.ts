import { dateAfter, isDate } from '@lotus-steady/core';

/** Periods that are asked for often, and how many days each has. */
export const PERIODS = [
  ['28', 'Four weeks'],
  ['91', 'Three months'],
  ['365', 'A year'],
  ['other', 'From … to'],
] as const;
export type PeriodName = (typeof PERIODS)[number][0];

/** What is looked at where nothing is chosen. */
const USUAL: PeriodName = '91';

export interface Period {
  name: PeriodName;
  /** `YYYY-MM-DD`, both inclusive. */
  first: string;
  last: string;
}

/** The period that an address says: days that are none are not taken. @param today its last day where it says none */
export function periodOf(params: URLSearchParams, today: string): Period {
  const [first, last] = [params.get('first') ?? '', params.get('last') ?? ''];
  if (isDate(first) && isDate(last)) return { name: 'other', first, last };
  const named = PERIODS.find(([name]) => name === params.get('period'));
  const name = named && named[0] !== 'other' ? named[0] : USUAL;
  return { name, first: dateAfter(today, 1 - Number(name)), last: today };
}

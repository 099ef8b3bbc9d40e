import { dateAfter } from '@lotus-steady/core';
import { today } from '../../data/today.js';
import type { PersonRecord } from '../../data/types.js';

/** Classes of so many days are offered, and no more than so many. */
const LATELY = 120;
const SHOWN = 12;

/** The classes that she came to, lately, the latest first. */
export const classesOf = (records: readonly PersonRecord[]): PersonRecord[] => {
  const since = dateAfter(today(), -LATELY);
  return records.filter(({ came, on }) => came && on >= since).slice(0, SHOWN);
};

import { ageOn, daysBetween } from '@lotus-steady/core';
import type { PersonLine } from '../../data/types.js';

/** Conditions with which the pressure is read before every class. Common practice, no published source. */
const READ_EVERY_TIME = new Set([
  'pregnancy',
  'complicated-pregnancy',
  'stroke',
  'heart-disease',
  'aortic-disease',
  'low-blood-pressure',
  'kidney-disease',
]);
/** A reading of high pressure is good for so many days; common practice, no published source. */
const READING_HOLDS = 7;
/** From which age to which bleeding is asked about where nobody says that it cannot be, years. */
const BLEEDS = [9, 57] as const;

/** Whether somebody's blood pressure is to be read before a class on a day. */
export const isPressureDue = ({ conditions }: PersonLine, on: string): boolean =>
  conditions.some((one) => {
    const { condition, readingOn, gaveBirth } = one as { condition: string } & Record<string, unknown>;
    if (READ_EVERY_TIME.has(condition)) return true;
    if (condition === 'high-blood-pressure')
      return typeof readingOn !== 'string' || daysBetween(readingOn, on) >= READING_HOLDS;
    // To six weeks after birth a high reading is dangerous (ACOG PB 222, from memory).
    return condition === 'after-birth' && (typeof gaveBirth !== 'string' || daysBetween(gaveBirth, on) <= 42);
  });

/** Whether a period, or bleeding in pregnancy, is asked about. */
export function asksBleeding({ born, sex, conditions }: PersonLine, on: string): boolean {
  if (conditions.some(({ condition }) => ['pregnancy', 'after-birth', 'menstruation'].includes(condition)))
    return true;
  if (sex === 'man') return false;
  const age = born === undefined ? undefined : ageOn(born, on);
  return age === undefined || (age >= BLEEDS[0] && age <= BLEEDS[1]);
}

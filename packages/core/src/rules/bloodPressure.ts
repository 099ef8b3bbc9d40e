/** A reading in mmHg. */
export interface Reading {
  systolic: number;
  diastolic: number;
}

export type PressureClass = 'normal' | 'elevated' | 'stage 1' | 'stage 2' | 'severe';

/** Reads "150/92"; undefined for anything that is not a plausible reading. */
export function parseReading(text: string): Reading | undefined {
  const match = /^\s*(\d{2,3})\s*\/\s*(\d{2,3})\s*$/.exec(text);
  if (!match) return undefined;
  const systolic = Number(match[1]);
  const diastolic = Number(match[2]);
  return systolic >= 60 && systolic <= 300 && diastolic >= 30 && diastolic <= 200 && systolic > diastolic
    ? { systolic, diastolic }
    : undefined;
}

/**
 * Class of an adult's reading; the higher of the two numbers' classes holds.
 *
 * Source: ACC/AHA 2017, kept in AHA/ACC 2025 (from memory). Not for children under 13.
 * @example pressureClass({ systolic: 119, diastolic: 80 }) // 'stage 1'
 */
export function pressureClass({ systolic, diastolic }: Reading): PressureClass {
  if (systolic > 180 || diastolic > 120) return 'severe';
  if (systolic >= 140 || diastolic >= 90) return 'stage 2';
  if (systolic >= 130 || diastolic >= 80) return 'stage 1';
  return systolic >= 120 ? 'elevated' : 'normal';
}

/** Not under control: 140 or 90 and over (CLINICAL row 27). */
export const isUncontrolled = ({ systolic, diastolic }: Reading): boolean =>
  systolic >= 140 || diastolic >= 90;

/** No exercise at rest above 180 or 110 (AACVPR, from memory; CLINICAL row 26). */
export const isTooHighToPractise = ({ systolic, diastolic }: Reading): boolean =>
  systolic > 180 || diastolic > 110;

import { sayHeld, type LaneStep } from '@lotus-steady/core';
import { format, parseISO } from 'date-fns';
import { today } from '../../data/today.js';

/** "Thursday 26 November"; with the year where it is not this one: "19 May 1984". */
export const sayDate = (date: string): string =>
  format(parseISO(date), date.slice(0, 4) === today().slice(0, 4) ? 'EEEE d MMMM' : 'd MMMM yyyy');

/** Where there is little room: "Thu 26 Nov". */
export const sayShortDate = (date: string): string => format(parseISO(date), 'EEE d MMM');

/** How many come: "1 person", "8 people". */
export const sayPeople = (count: number): string => `${count} ${count === 1 ? 'person' : 'people'}`;

/** When and where a class is: "Thursday 26 November, 18:00 · Saltmarsh Hall". */
export const sayWhen = ({
  on,
  time,
  place,
}: {
  on: string;
  time?: string | null;
  place?: string | null;
}): string => `${sayDate(on)}${time ? `, ${time}` : ''}${place ? ` · ${place}` : ''}`;

/** A hold as one says it: "5 breaths", "30 s", and "each side" where it is for both. */
export function sayHold(
  hold: { breaths?: number; rounds?: number; seconds: number },
  sides: readonly unknown[] = [],
): string {
  return `${sayHeld(hold)}${sides.length === 2 ? ' each side' : ''}`;
}

/** The same for what is done in place of what was asked: a step's own sides are said with the step. */
export const sayOwnHold = ({
  hold,
  sides,
  pose,
  askedPose,
}: Pick<LaneStep, 'hold' | 'sides' | 'pose' | 'askedPose'>): string =>
  sayHold(hold, pose === askedPose ? [] : sides);

export { sayClock, sayProps, shortNames } from '@lotus-steady/core';

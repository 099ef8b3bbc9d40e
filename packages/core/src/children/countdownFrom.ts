import { ageOn } from '../calendar/dates.js';

/** From which age one counts down from what: the holds of a lesson, 10 s, in numbers they know (common practice). */
const FROM: readonly (readonly [age: number, from: number])[] = [
  [9, 15],
  [6, 10],
  [0, 5],
];

/**
 * What a group of children counts down from: what the youngest of them can count.
 *
 * @param people whose day of birth is not known says nothing
 * @param on `YYYY-MM-DD`
 * @example countdownFrom([{ born: '2019-05-01' }, { born: '2022-02-01' }], '2026-12-01') // 5
 */
export function countdownFrom(people: readonly { born?: string }[], on: string): number {
  const ages = people.flatMap(({ born }) => (born === undefined ? [] : [ageOn(born, on)]));
  const youngest = Math.min(...ages, Infinity);
  return FROM.find(([age]) => youngest >= age && Number.isFinite(youngest))?.[1] ?? 10;
}

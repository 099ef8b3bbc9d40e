/** A count with its word: "1 round", "2.5 breaths". */
const counted = (count: number, word: string): string =>
  `${Math.round(count * 10) / 10} ${word}${count === 1 ? '' : 's'}`;

/**
 * How long something is done, as one says it. Rounds in which it is stayed in say for how many breaths.
 *
 * @example sayHeld({ breaths: 5, seconds: 27.5 }) // '5 breaths'
 * @example sayHeld({ rounds: 3, breaths: 5, seconds: 82.5 }) // '3 rounds of 5 breaths'
 */
export function sayHeld({
  breaths,
  rounds,
  seconds,
}: {
  breaths?: number;
  rounds?: number;
  seconds: number;
}): string {
  if (rounds !== undefined)
    return breaths === undefined
      ? counted(rounds, 'round')
      : `${counted(rounds, 'round')} of ${counted(breaths, 'breath')}`;
  if (breaths !== undefined) return counted(breaths, 'breath');
  return seconds >= 120 && seconds % 60 === 0 ? `${seconds / 60} min` : `${Math.round(seconds)} s`;
}

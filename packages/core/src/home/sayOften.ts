/**
 * How often a day.
 *
 * @example sayOften([3, 4]) // '3 to 4 times a day'
 */
export function sayOften([least, most]: readonly [least: number, most: number]): string {
  if (most === 1) return 'once a day';
  return `${least === most ? most : `${least} to ${most}`} times a day`;
}

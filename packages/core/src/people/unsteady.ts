import { atAge, type Norms } from './norms.js';
import type { Person } from './types.js';

/** From this age chair stands have been counted for many people, and up to which; years. */
export const STANDS_COUNTED = [60, 94] as const;
/** A slower up-and-go, a shorter stand heel to toe, seconds (CDC STEADI); a shorter one on one leg (Vellas 1997). */
export const SLOW = 12;
export const SHORT_TANDEM = 10;
export const SHORT_ONE_LEG = 5;

/**
 * What tells that someone is unsteady: a fall in the last year, a test below its cut-off, something to lean on.
 *
 * @param age in years; chair stands say nothing under 60 and over 94
 * @returns words, "timed up-and-go 14 s"; none where nothing tells it
 */
export function unsteadySigns(
  { screening, can, sex }: Pick<Person, 'screening' | 'can' | 'sex'>,
  age: number,
  norms: Norms,
): string[] {
  const { fallsLastYear = 0, tugSeconds, tandemSeconds, chairStands, oneLegSeconds } = screening;
  const signs: string[] = [];
  if (fallsLastYear > 0)
    signs.push(`${fallsLastYear === 1 ? 'a fall' : `${fallsLastYear} falls`} in the last year`);
  if (tugSeconds !== undefined && tugSeconds >= SLOW) signs.push(`timed up-and-go ${tugSeconds} s`);
  if (tandemSeconds !== undefined && tandemSeconds < SHORT_TANDEM)
    signs.push(`heel to toe ${tandemSeconds} s`);
  if (oneLegSeconds !== undefined && oneLegSeconds < SHORT_ONE_LEG)
    signs.push(`on one leg ${oneLegSeconds} s`);
  if (oneLegSeconds === undefined && (can.oneLeg === 'no' || can.oneLeg === 'moment'))
    signs.push(can.oneLeg === 'no' ? 'does not stand on one leg' : 'stands on one leg for a moment');
  const [from, to] = STANDS_COUNTED;
  if (chairStands !== undefined && age >= from && age <= to) {
    const { fewMen, fewWomen } = atAge(norms.chairStands.byAge, age);
    // Without the sex the higher cut-off is the careful one.
    if (chairStands < (sex === 'woman' ? fewWomen : fewMen)) signs.push(`${chairStands} chair stands`);
  }
  if (can.walks === 'stick' || can.walks === 'frame') signs.push(`walks with a ${can.walks}`);
  return signs;
}

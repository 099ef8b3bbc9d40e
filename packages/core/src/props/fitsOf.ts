import { buildOf } from '../body/build.js';
import { ageOn } from '../calendar/dates.js';
import { USUAL_RANGE } from '../body/ranges.js';
import type { Person } from '../people/types.js';
import type { Fits } from './sizeProp.js';

/**
 * What is known of someone for sizing props: the poorer side of each measured range.
 *
 * @param on the day, `YYYY-MM-DD`
 */
export function fitsOf(
  { heightCm = 165, ranges, born }: Partial<Pick<Person, 'heightCm' | 'born'>> & Pick<Person, 'ranges'>,
  on: string,
): Fits {
  const measured: Readonly<Record<string, number | undefined>> = ranges;
  const least = (name: string): number | undefined => {
    const known = [measured[name], measured[`${name}Right`], measured[`${name}Left`]].filter(
      (value): value is number => value !== undefined,
    );
    return known.length ? Math.min(...known) : undefined;
  };
  const turn = [least('lumbarTwist'), least('thoracicTwist')];
  const fits: Readonly<Record<string, number | undefined>> = {
    neckFlexion: least('neckFlexion'),
    shoulderExtension: least('shoulderExtension'),
    hipFlexion: least('hipFlexion'),
    hipFlexionWithKneeStraight: least('hipFlexionWithKneeStraight'),
    trunkRotation: turn.some((value) => value !== undefined)
      ? (turn[0] ?? USUAL_RANGE.lumbarTwist) + (turn[1] ?? USUAL_RANGE.thoracicTwist)
      : undefined,
  };
  return {
    heightCm,
    build: buildOf(born ? ageOn(born, on) : undefined),
    ...Object.fromEntries(Object.entries(fits).filter(([, value]) => value !== undefined)),
  };
}

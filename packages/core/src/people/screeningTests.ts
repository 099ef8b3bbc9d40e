import { atAge, type Norms } from './norms.js';
import type { Person, SCREENING } from './types.js';
import { SHORT_ONE_LEG, SHORT_TANDEM, SLOW, STANDS_COUNTED } from './unsteady.js';

export type ScreeningKey = (typeof SCREENING)[number];

/** What a result of a test says beside what is usual. */
export interface ScreeningResult {
  /** "9 or more are usual for women of 82"; where nothing is published, that. */
  says: string;
  /** Below what is usual, or at a cut-off: steadiness is in doubt. */
  low: boolean;
  cite?: 'steadi' | 'vellas-1997';
}

/**
 * How a result stands beside what is published for such people. Cut-offs: CDC STEADI; one leg Vellas 1997 and, by age,
 * Springer 2007; all from memory.
 *
 * @param age years; undefined where nobody knows
 * @example sayScreening('tugSeconds', 12, 70, 'woman', norms).low // true: 12.0 counts
 */
export function sayScreening(
  key: ScreeningKey,
  value: number,
  age: number | undefined,
  sex: Person['sex'],
  { chairStands, oneLeg }: Pick<Norms, 'chairStands' | 'oneLeg'>,
): ScreeningResult {
  switch (key) {
    case 'fallsLastYear':
      return {
        low: value > 0,
        cite: 'steadi',
        says:
          value >= 2
            ? 'Two falls or more: the doctor looks into it, whatever tests say.'
            : 'One fall leads to the tests; one with an injury to the doctor.',
      };
    case 'tugSeconds':
      return { low: value >= SLOW, cite: 'steadi', says: `${SLOW} s and more tell of a risk of falling.` };
    case 'tandemSeconds':
      return {
        low: value < SHORT_TANDEM,
        cite: 'steadi',
        says: `Less than ${SHORT_TANDEM} s heel to toe tells of a risk of falling.`,
      };
    case 'oneLegSeconds': {
      const usual =
        age === undefined
          ? ''
          : ` People of ${age} usually stand ${atAge(oneLeg.byAge, age).middle} s (Springer 2007).`;
      return {
        low: value < SHORT_ONE_LEG,
        cite: 'vellas-1997',
        says: `Less than ${SHORT_ONE_LEG} s goes with falls that injure.${usual}`,
      };
    }
    case 'chairStands': {
      const [from, to] = STANDS_COUNTED;
      if (age === undefined || age < from || age > to)
        return {
          low: false,
          says: `Counted for people of ${from} to ${to}; nothing is published for others.`,
        };
      const { fewMen, fewWomen } = atAge(chairStands.byAge, age);
      const few = sex === 'woman' ? fewWomen : fewMen;
      const who = sex === undefined ? `people of ${age}` : `${sex === 'man' ? 'men' : 'women'} of ${age}`;
      return { low: value < few, cite: 'steadi', says: `${few} or more are usual for ${who}.` };
    }
  }
}

/** What is asked of someone's feet, from the easiest on; each for ten seconds, eyes open, no aid (CDC STEADI). */
export const BALANCE_STAGES = [
  { id: 'side-by-side', words: 'Feet side by side' },
  { id: 'instep', words: 'One foot half in front: its instep beside the other big toe' },
  { id: 'tandem', words: 'Heel to toe' },
  { id: 'one-leg', words: 'On one leg' },
] as const;
export type BalanceStage = (typeof BALANCE_STAGES)[number]['id'];

/**
 * What is kept of the four stages: who cannot hold the first or second does not hold the third either.
 *
 * @param held seconds by stage, as far as they came
 * @example keptOfStages({ 'side-by-side': 10, instep: 6 }) // { tandemSeconds: 0 }
 */
export function keptOfStages(
  held: Readonly<Partial<Record<BalanceStage, number>>>,
): Partial<Record<'tandemSeconds' | 'oneLegSeconds', number>> {
  const fails = (stage: BalanceStage): boolean => held[stage] !== undefined && held[stage] < SHORT_TANDEM;
  if (fails('side-by-side') || fails('instep')) return { tandemSeconds: 0 };
  return {
    ...(held.tandem === undefined ? {} : { tandemSeconds: held.tandem }),
    ...(held['one-leg'] === undefined ? {} : { oneLegSeconds: held['one-leg'] }),
  };
}

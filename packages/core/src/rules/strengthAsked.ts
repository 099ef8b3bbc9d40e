import { youngHolds } from '../body/muscles.js';
import { betweenAges, nineInTen, type Norms } from '../people/norms.js';
import { SIDED_MEASURES, type Measures, type SidedMeasure } from '../poses/measures.js';
import { GATED } from './abilityGate.js';

/** How hard something is for healthy young adults: moments are not known finer than in bands. */
export type Band = 'easy' | 'fair' | 'hard' | 'beyond';

/** What a pose asks of one group of muscles. */
export interface StrengthAsked {
  /** What they do: "straightening the knees". */
  does: string;
  band: Band;
  /** The oldest age, years, at which the middle of women, and nine in ten, still hold it; undefined where none do. */
  middleTo?: number;
  carefulTo?: number;
}

/** From these shares of what young women hold it is fair, hard, and beyond them. */
const BANDS: readonly (readonly [from: number, band: Band])[] = [
  [0.95, 'beyond'],
  [0.6, 'hard'],
  [0.3, 'fair'],
];
/** Ages looked at, years. */
const GROWN = 20;
const OLDEST = 95;

const SIDED = new Set<string>(SIDED_MEASURES);

/**
 * What a pose asks of strength that a person's strength is held against, the hardest first; what asks next to nothing
 * is left out.
 *
 * @example strengthAsked(measures of chair pose, norms)[0] // knees, fair, to 95 and 77
 */
export function strengthAsked(measures: Measures, norms: Norms): StrengthAsked[] {
  const { byAge, spread } = norms.strength;
  return GATED.filter(({ limbOnly }) => !limbOnly)
    .map(({ muscle, part, does }) => {
      const name = `${muscle}Moment` as SidedMeasure;
      const asked = SIDED.has(name)
        ? Math.max(measures[`${name}Right`], measures[`${name}Left`])
        : measures[name as unknown as 'trunkFlexorMoment'];
      const share = asked / youngHolds(muscle);
      const oldest = (strength: number): number | undefined => {
        for (let age = OLDEST; age >= GROWN; age--)
          if (betweenAges(byAge, age, part) * strength >= share) return age;
        return undefined;
      };
      const middleTo = oldest(1);
      const carefulTo = oldest(nineInTen(spread));
      return {
        share,
        does,
        band: BANDS.find(([from]) => share >= from)?.[1] ?? ('easy' as const),
        ...(middleTo === undefined ? {} : { middleTo }),
        ...(carefulTo === undefined ? {} : { carefulTo }),
      };
    })
    .filter(({ share }) => share > 0)
    .sort((a, b) => b.share - a.share)
    .map(({ share: _share, ...asked }) => asked);
}

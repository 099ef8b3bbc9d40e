import type { MissingLimb } from '../body/forms.js';
import type { Look } from './look.js';

/** What is known of a body that can be seen. */
export interface Seen {
  man?: boolean;
  years?: number;
  heightCm: number;
  weightKg?: number;
  /** Of pregnancy. */
  weeks?: number;
  without?: readonly MissingLimb[];
  onWheels?: boolean;
}

/** Body mass index of the sculpted body, and how much more is one step of fullness. */
const SLIM_BMI = 21;
const FULLER_BMI = 19;
/** Hair is grey from this age on, and white from that; an old body's shape begins at the first. */
const GREY_FROM = 60;
const WHITE_FROM = 76;
/** Of the figure's hair tones. */
const GREY = 5;
const WHITE = 6;

/**
 * What somebody looks like as far as it is known: build by weight and height, age, a pregnant belly by its week, limbs
 * that are missing, a wheelchair. What is not known is drawn as the neutral figure has it.
 */
export function lookOf({ man, years, heightCm, weightKg, weeks, without = [], onWheels }: Seen): Look {
  // A pregnant woman's weight says less of her build.
  const bmi = weightKg && weeks === undefined ? weightKg / (heightCm / 100) ** 2 : undefined;
  const old = years === undefined ? 0 : Math.max(0, Math.min(1, (years - GREY_FROM) / 22));
  return {
    ...(man ? { man: true, hair: 'short' as const } : {}),
    ...(bmi === undefined ? {} : { fullness: Math.max(-0.2, Math.min(1.5, (bmi - SLIM_BMI) / FULLER_BMI)) }),
    ...(weeks === undefined ? {} : { weeks: Math.round(weeks) }),
    ...(old ? { age: old } : {}),
    ...(years !== undefined && years >= GREY_FROM ? { hairTone: years >= WHITE_FROM ? WHITE : GREY } : {}),
    ...(without.length ? { without } : {}),
    ...(onWheels ? { onWheels: true } : {}),
  };
}

import { ageOn, daysBetween } from '@lotus-steady/core';
import type { Look, MissingLimb } from '@lotus-steady/figure/scene';
import type { PersonLine } from '../../data/types.js';

/** Body mass index of the sculpted body, and how much more is one step of fullness. */
const SLIM_BMI = 21;
const FULLER_BMI = 19;
/** Hair is grey from this age on, and white from that; an old body's shape begins at the first. */
const GREY_FROM = 60;
const WHITE_FROM = 76;
/** Of the figure's hair tones. */
const GREY = 5;
const WHITE = 6;

const LIMBS: readonly (readonly [key: string, limb: MissingLimb])[] = [
  ['rightArm', 'armR'],
  ['leftArm', 'armL'],
  ['rightLeg', 'legR'],
  ['leftLeg', 'legL'],
];

/** Weeks of pregnancy on a day by the due date; undefined without one. */
function weeksOf(conditions: PersonLine['conditions'], on: string): number | undefined {
  const due = conditions.find(({ condition }) => condition === 'pregnancy')?.dueDate;
  if (typeof due !== 'string') return undefined;
  const weeks = 40 - daysBetween(on, due) / 7;
  return weeks > 0 && weeks < 43 ? weeks : undefined;
}

/**
 * What a person looks like as far as it is known: build by weight and height, age, a pregnant belly by its week, limbs
 * that are missing, a wheelchair. What is not known is drawn as the neutral figure has it.
 *
 * @param on the day
 */
export function lookOf(
  { sex, born, heightCm = 165, weightKg, conditions, can }: PersonLine,
  on: string,
): Look {
  const years = born ? ageOn(born, on) : undefined;
  const weeks = weeksOf(conditions, on);
  // A pregnant woman's weight says less of her build.
  const bmi = weightKg && weeks === undefined ? weightKg / (heightCm / 100) ** 2 : undefined;
  const old = years === undefined ? 0 : Math.max(0, Math.min(1, (years - GREY_FROM) / 22));
  const without = LIMBS.filter(([key]) => can.limbs?.[key as keyof typeof can.limbs] === 'missing').map(
    ([, limb]) => limb,
  );
  return {
    ...(sex === 'man' ? { man: true, hair: 'short' as const } : {}),
    ...(bmi === undefined ? {} : { fullness: Math.max(-0.2, Math.min(1.5, (bmi - SLIM_BMI) / FULLER_BMI)) }),
    ...(weeks === undefined ? {} : { weeks: Math.round(weeks) }),
    ...(old ? { age: old } : {}),
    ...(years !== undefined && years >= GREY_FROM ? { hairTone: years >= WHITE_FROM ? WHITE : GREY } : {}),
    ...(without.length ? { without } : {}),
    ...(conditions.some(({ condition }) => condition === 'wheelchair-user') ? { onWheels: true } : {}),
  };
}

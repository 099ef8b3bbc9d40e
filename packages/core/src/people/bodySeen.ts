import { buildOf, type Build } from '../body/build.js';
import { ageOn, daysBetween } from '../calendar/dates.js';
import { LIMBS, type Can } from './types.js';

/** Height of somebody of whom nobody has said it, cm. */
const SOME_HEIGHT = 165;
/** Weeks that a pregnancy may be in. */
const LONGEST_WEEKS = 43;

/** How a body is drawn that is missing a limb: which one. */
const DRAWN_LIMB = { rightArm: 'armR', leftArm: 'armL', rightLeg: 'legR', leftLeg: 'legL' } as const;

/** What of somebody is asked for that can be seen. */
interface Whom {
  sex?: 'woman' | 'man';
  born?: string;
  heightCm?: number;
  weightKg?: number;
  conditions: readonly { condition: string; dueDate?: unknown }[];
  can: Pick<Can, 'limbs'>;
}

/** What can be seen of somebody's body on a day: what a figure of them is drawn from. */
export interface BodySeen {
  heightCm: number;
  build: Build;
  man?: boolean;
  years?: number;
  weightKg?: number;
  /** Of pregnancy. */
  weeks?: number;
  without: readonly (typeof DRAWN_LIMB)[keyof typeof DRAWN_LIMB][];
  onWheels: boolean;
}

/** Weeks of pregnancy on a day by the due date; undefined without one. */
function weeksOf(conditions: Whom['conditions'], on: string): number | undefined {
  const due = conditions.find(({ condition }) => condition === 'pregnancy')?.dueDate;
  if (typeof due !== 'string') return undefined;
  const weeks = 40 - daysBetween(on, due) / 7;
  return weeks > 0 && weeks < LONGEST_WEEKS ? weeks : undefined;
}

/**
 * What can be seen of somebody: of what nobody has said nothing is there.
 *
 * @param on the day, `YYYY-MM-DD`
 */
export function bodySeen(
  { sex, born, heightCm = SOME_HEIGHT, weightKg, conditions, can }: Whom,
  on: string,
): BodySeen {
  const years = born ? ageOn(born, on) : undefined;
  const weeks = weeksOf(conditions, on);
  return {
    heightCm,
    build: buildOf(years),
    ...(sex === 'man' ? { man: true } : {}),
    ...(years === undefined ? {} : { years }),
    ...(weightKg ? { weightKg } : {}),
    ...(weeks === undefined ? {} : { weeks }),
    without: LIMBS.filter((limb) => can.limbs?.[limb] === 'missing').map((limb) => DRAWN_LIMB[limb]),
    onWheels: conditions.some(({ condition }) => condition === 'wheelchair-user'),
  };
}

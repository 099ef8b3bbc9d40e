import { GIVING_JOINTS, rangesKey, type BodyRanges, type GivingJoint } from '../body/bodyRanges.js';
import { keep } from '../cache.js';
import { ageOn } from '../calendar/dates.js';
import { atAge, betweenAges, nineInTen, STRENGTHS, type Norms, type StrengthOf } from './norms.js';
import type { Side } from '../side.js';
import type { Can, FromFloor, Person } from './types.js';
import { unsteadySigns } from './unsteady.js';

/** What someone can do, and how that is known. */
export interface Ability<T> {
  value: T;
  from: 'told' | 'measured' | 'norm';
  /** In words: "9 chair stands in 30 s"; "nine in ten women of 84 and over hold it". */
  says: string;
  /** Read as what nine in ten have, not as the middle. */
  careful?: true;
  /** The source of a norm or a test, by id. */
  cite?: string;
  /** Since when it is known, where that was kept: `YYYY-MM-DD`. */
  since?: string;
}

/** What someone can do on a day: told, measured, or read from norms by age and sex. */
export interface Abilities {
  /** How strong, per kilogram, beside women in their twenties. */
  strength: Readonly<Record<StrengthOf, Ability<number>>>;
  /** Seconds on one leg with open eyes. */
  oneLeg: Ability<number>;
  fromFloor: Ability<FromFloor>;
  /** How they get up from a chair, where it is told, or a test has shown that it takes the hands. */
  fromChair?: Can['chair'];
  /** How far joints go whose neighbours make up for them, degrees; of two limbs the less. */
  ranges: Readonly<Record<GivingJoint, Ability<number>>>;
  /** The same as one body; the same object for the same ranges. */
  body: BodyRanges;
  /** How far an arm goes behind, degrees; of the two the less. */
  reachBehind: Ability<number>;
  /** Whether what asks nearly all the strength there is needs something to hold: unsteady, or 80 and never tested. */
  frail: boolean;
  /** Practice, as poses ask for it: 1 a first class to 4 years. */
  practice: Ability<number>;
}

/** From this age what nobody knows is read as what nine in ten can do, years. */
export const CAREFUL_FROM = 60;
/** From this age who was never tested is read as unsteady, years. */
const FRAIL_FROM = 80;
/** Whose age nobody knows is read as this old, years; and where all that is known is that it is an older adult. */
const UNKNOWN_AGE = 50;
const OLDER_AGE = 70;

/**
 * The strength of the legs that rising from a chair without hands takes at its heaviest moment, beside women in their
 * twenties: 6.2% of body weight × height at each knee of the 13.8% that they hold. About 40% for the young and over 80%
 * for frail old people (Hughes 1996, from memory). Who is not known to need the hands has it: they came, and sat down.
 */
const RISES = 0.45;
/** What is left to those who need someone's help for it. */
const HELPED = 0.6;
/** Chair stands grow faster than strength: our own estimate. */
const STANDS_POWER = 0.6;
/** Many stands make nobody stronger than this, beside the middle of an age. */
const STANDS_MOST = 1.3;
/** How far practice makes stronger: common practice, no published source. */
const PRACTISED = { new: 1, months: 1.1, years: 1.15 } as const;
/** Practice that poses may ask for. */
const PRACTICE = { new: 1, months: 3, years: 4 } as const;
/** Practice that is assumed, under {@link CAREFUL_FROM} and from it on. */
const PRACTICE_ASSUMED = [3, 2] as const;

/** Seconds that someone stands on one leg by what they say; who says ten and more may be taken to stand as is usual. */
const SAID_ON_ONE_LEG = { no: 0, moment: 3, long: 10 } as const;
const ONE_LEG_WORDS = {
  no: 'does not stand on one leg',
  moment: 'stands on one leg for a moment',
  long: 'stands on one leg for ten seconds and more',
} as const;

const FLOOR_WORDS: Readonly<Record<FromFloor, string>> = {
  alone: 'gets up from the floor alone',
  chair: 'gets up from the floor with a chair',
  help: "gets up from the floor with someone's help",
  no: 'does not get up from the floor',
};

/** Someone's age in years, as far as anyone knows. */
export function ageOf(
  { born, conditions }: Pick<Person, 'born'> & { conditions: readonly { condition: string }[] },
  on: string,
): number {
  if (born !== undefined) return ageOn(born, on);
  return conditions.some(({ condition }) => condition === 'older-adult') ? OLDER_AGE : UNKNOWN_AGE;
}

/** Whom norms are read for, as words: "women of 84", "grown people". */
function wordsFor({ born, sex, conditions }: Person, age: number): string {
  if (born !== undefined) return `${sex === 'man' ? 'men' : 'women'} of ${age}`;
  return conditions.some(({ condition }) => condition === 'older-adult') ? 'older adults' : 'grown people';
}

/** Whether both legs move. */
const hasBothLegs = ({ can: { limbs = {} } }: Person): boolean =>
  [limbs.rightLeg, limbs.leftLeg].every((state) => !state || state === 'weak');

/** Whether strength or balance was ever measured. */
const isTested = ({ screening }: Person): boolean =>
  screening.chairStands !== undefined ||
  screening.tugSeconds !== undefined ||
  screening.oneLegSeconds !== undefined;

const MEASURED = 'measured on the person';

/** What was measured of a joint, degrees: right and left, or the one there is. */
const measuredOf = (
  { ranges }: Person,
  joint: GivingJoint | 'shoulderExtension',
): readonly (number | undefined)[] =>
  joint === 'thoracicTwist' ? [ranges[joint]] : [ranges[`${joint}Right`], ranges[`${joint}Left`]];

/** The least of what was measured. */
function leastMeasured(measured: readonly (number | undefined)[]): number | undefined {
  const known = measured.filter((range) => range !== undefined);
  return known.length ? Math.min(...known) : undefined;
}

/** Bodies of measured ranges: few differ, and who is of the same ranges has the same. */
const bodies = new Map<string, BodyRanges>();
const BODIES_MOST = 500;

/** How far the joints of one body go, each side as it was measured, or as the norm has it. */
function bodyOf(person: Person, usual: BodyRanges): BodyRanges {
  const sides = GIVING_JOINTS.map((joint) => {
    const [right = usual[joint], left = joint === 'thoracicTwist' ? right : usual[joint]] = measuredOf(
      person,
      joint,
    );
    return { joint, right, left, less: Math.min(right, left) };
  });
  if (sides.every(({ joint, right, left }) => right === usual[joint] && left === right)) return usual;
  const more = (side: Side): Partial<Record<GivingJoint, number>> =>
    Object.fromEntries(sides.flatMap((one) => (one[side] > one.less ? [[one.joint, one[side]]] : [])));
  const [right, left] = [more('right'), more('left')];
  const own = {
    ...Object.fromEntries(sides.map(({ joint, less }) => [joint, less])),
    ...(Object.keys(right).length && { right }),
    ...(Object.keys(left).length && { left }),
  } as BodyRanges;
  const key = rangesKey(own);
  return bodies.get(key) ?? keep(bodies, key, own, BODIES_MOST);
}

/**
 * What someone can do on a day. What nobody has told or measured is read from norms: the middle for the healthy under
 * 60 and for whoever was tested well, what nine in ten can do for all others.
 *
 * @param waits whether a condition waits for a medical clearance
 * @example abilitiesOf(aged84, '2026-11-29', norms, false).fromFloor // { value: 'chair', from: 'norm', … }
 */
export function abilitiesOf(person: Person, on: string, norms: Norms, waits: boolean): Abilities {
  const { can, screening, sex } = person;
  const age = ageOf(person, on);
  const unsteady = unsteadySigns(person, age, norms).length > 0;
  const careful = unsteady || waits || (age >= CAREFUL_FROM && !isTested(person));
  const who = wordsFor(person, age);
  // Using the arms counts as no stand (CDC STEADI).
  const fromChair = can.chair ?? (screening.chairStands === 0 ? 'hands' : undefined);
  const norm = <T>(value: T, cite: string, says: string): Ability<T> => ({ value, from: 'norm', says, cite });

  const since = (...facts: readonly string[]): { since?: string } => {
    const days = facts.flatMap((fact) => person.intake?.dated?.[fact]?.on ?? []);
    return days.length ? { since: days.sort()[0]! } : {};
  };
  const oneLegOf = (): Ability<number> => {
    const usual = norm(
      careful ? stands.careful : stands.middle,
      norms.oneLeg.cite,
      careful
        ? `nine in ten of ${age} stand longer on one leg`
        : `as people of ${age} usually stand on one leg`,
    );
    const { oneLegSeconds } = screening;
    if (oneLegSeconds !== undefined)
      return {
        value: oneLegSeconds,
        from: 'measured',
        says: `on one leg for ${oneLegSeconds} s`,
        cite: norms.oneLeg.cite,
        ...since('screening.oneLegSeconds'),
      };
    if (!can.oneLeg) return usual;
    const said = SAID_ON_ONE_LEG[can.oneLeg];
    return {
      value: can.oneLeg === 'long' ? Math.max(said, usual.value) : said,
      from: 'told',
      says: ONE_LEG_WORDS[can.oneLeg],
      ...since('can.oneLeg'),
    };
  };

  const strengthOf = (part: StrengthOf): Ability<number> => {
    const { cite, byAge, man, spread } = norms.strength;
    const middle =
      betweenAges(byAge, age, part) * (sex === 'man' ? man[part] : 1) * PRACTISED[can.practised ?? 'new'];
    const usual = careful
      ? { ...norm(middle * nineInTen(spread), cite, `as nine in ten ${who} are`), careful: true as const }
      : norm(middle, cite, `as ${who} usually are`);
    if (part !== 'legs') return usual;
    const { chairStands } = screening;
    if (fromChair === 'hands' || fromChair === 'help')
      return {
        value: Math.min(usual.value, fromChair === 'hands' ? RISES : HELPED * RISES),
        from: can.chair ? 'told' : 'measured',
        says: fromChair === 'hands' ? 'rises from a chair with the hands' : 'rises from a chair with help',
      };
    if (chairStands !== undefined && age >= CAREFUL_FROM) {
      const { men, women } = atAge(norms.chairStands.byAge, age);
      const share = (chairStands / (sex === 'man' ? men : women)) ** STANDS_POWER;
      return {
        value: Math.max(RISES, middle * Math.min(STANDS_MOST, share)),
        from: 'measured',
        says: `${chairStands} chair stands in 30 s`,
        cite: norms.chairStands.cite,
        ...since('screening.chairStands'),
      };
    }
    if (can.stand && usual.value < RISES) return { ...usual, value: RISES };
    return usual;
  };

  const stands = atAge(norms.oneLeg.byAge, age);
  const floor = atAge(norms.fromFloor.byAge, age);
  const floorUsual = hasBothLegs(person) ? floor[unsteady || waits ? 'careful' : 'middle'] : 'no';
  const behind = atAge(norms.reachBehind.byAge, age);
  const behindMeasured = leastMeasured(measuredOf(person, 'shoulderExtension'));
  const usualBody = atAge(norms.ranges.byAge, age)[careful ? 'careful' : 'middle'];
  const body = bodyOf(person, usualBody);
  const rangeOf = (joint: GivingJoint): Ability<number> => {
    const value = body[joint];
    return !measuredOf(person, joint).includes(value)
      ? {
          ...norm(usualBody[joint], norms.ranges.cite, `as ${careful ? 'nine in ten ' : ''}${who} have it`),
          ...(careful ? { careful: true as const } : {}),
        }
      : {
          value,
          from: 'measured',
          says: MEASURED,
          ...since(`ranges.${joint}`, `ranges.${joint}Right`, `ranges.${joint}Left`),
        };
  };
  const ranges = Object.fromEntries(
    GIVING_JOINTS.map((joint) => [joint, rangeOf(joint)]),
  ) as Abilities['ranges'];
  return {
    ranges,
    body,
    ...(fromChair ? { fromChair } : {}),
    frail: unsteady || (age >= FRAIL_FROM && !isTested(person)),
    reachBehind:
      behindMeasured !== undefined
        ? { value: behindMeasured, from: 'measured', says: MEASURED }
        : {
            value: careful ? behind.careful : behind.middle,
            from: 'norm',
            says: careful ? `as nine in ten ${who} reach` : `as ${who} usually reach`,
          },
    strength: Object.fromEntries(STRENGTHS.map((part) => [part, strengthOf(part)])) as Abilities['strength'],
    oneLeg: oneLegOf(),
    fromFloor: can.floor
      ? { value: can.floor, from: 'told', says: FLOOR_WORDS[can.floor], ...since('can.floor') }
      : norm(floorUsual, norms.fromFloor.cite, `${FLOOR_WORDS[floorUsual]}, as at ${age}`),
    practice: can.practised
      ? {
          value: PRACTICE[can.practised],
          from: 'told',
          says: `practised: ${can.practised}`,
          ...since('can.practised'),
        }
      : {
          value: PRACTICE_ASSUMED[age >= CAREFUL_FROM ? 1 : 0],
          from: 'norm',
          says: 'how long they have practised is not known',
        },
  };
}

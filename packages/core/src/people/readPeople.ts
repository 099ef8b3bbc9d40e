import { isLine } from '../reading/isLine.js';
import { closest } from 'fastest-levenshtein';
import { resolveCondition } from '../reading/resolveCondition.js';
import { LIMB_ANGLES, SPINE_ANGLES } from '../poses/measures.js';
import { parseReading } from '../rules/bloodPressure.js';
import { ageOn, daysBetween, isDate } from '../calendar/dates.js';
import { dueDateFrom, gestationOn, IMPLAUSIBLE_DAYS } from '../calendar/gestation.js';
import type { DetailField } from '../rules/types.js';
import type { Rulebook } from '../rules/rulebook.js';
import { PAIN_PLACES } from './bodyPlaces.js';
import { PRONOUNS } from './pronouns.js';
import { readIntake } from './readIntake.js';
import { readClearances, readLimits } from './readAllowed.js';
import { isTable } from './readTables.js';
import {
  FROM_CHAIR,
  FROM_FLOOR,
  LIMB_STATES,
  LIMBS,
  ON_ONE_LEG,
  PRACTISED,
  SCREENING,
  WALKS,
  type Can,
  type Details,
  type InputError,
  type Person,
  type PersonCondition,
  type Today,
} from './types.js';

type Rules = Pick<Rulebook, 'conditions' | 'condition' | 'rule' | 'limitKinds'>;

const PERSON_KEYS = [
  'id',
  'name',
  'born',
  'sex',
  'pronoun',
  'heightCm',
  'weightKg',
  'can',
  'ranges',
  'conditions',
  'screening',
  'today',
  'limits',
  'clearances',
  'intake',
];
/** Letters of a name; of what may have been meant for one no more are looked at. */
const NAME_MOST = 120;
const CAN_YES_NO = ['stand', 'kneel', 'hands', 'overhead', 'flat', 'sits'] as const;
const CAN_CHOICES = {
  floor: FROM_FLOOR,
  chair: FROM_CHAIR,
  walks: WALKS,
  oneLeg: ON_ONE_LEG,
  practised: PRACTISED,
} as const;
const CAN_KEYS = [...CAN_YES_NO, ...Object.keys(CAN_CHOICES), 'limbs'];
const TODAY_KEYS = [
  'pain',
  'painAt',
  'bleeding',
  'bp',
  'dizzy',
  'headache',
  'fever',
  'slept',
  'signs',
  'news',
  'asked',
];
/** Letters of what else is new. */
const NEWS_MOST = 300;
const RANGE_KEYS = [...SPINE_ANGLES, ...LIMB_ANGLES.flatMap((name) => [`${name}Right`, `${name}Left`])];

/** Every question that the rulebook asks: a form may carry them for any condition, beside its own. */
const commonFieldsOf = ({ conditions }: Rules): DetailField[] => conditions.flatMap(({ fields }) => fields);
const fieldOf = (rulebook: Rules, condition: string, key: string): DetailField | undefined =>
  rulebook.condition(condition).fields.find((field) => field.key === key) ??
  commonFieldsOf(rulebook).find((field) => field.key === key);
const FITS: Readonly<Record<string, (value: unknown) => boolean>> = {
  date: isDate,
  number: (value) => typeof value === 'number' && Number.isFinite(value) && value >= 0,
  text: (value) => typeof value === 'string',
  boolean: (value) => typeof value === 'boolean',
  list: (value) => Array.isArray(value) && value.every((item) => typeof item === 'string'),
};

/** Dates of what has happened: they cannot lie after the class. */
const PAST_DATES = new Set(['gaveBirth', 'operatedOn', 'since', 'readingOn', 'lastPeriod']);

/**
 * Reads people as written (JSON, form or API) into whole persons, with every problem named by its field.
 *
 * Missing height is 165 cm, missing ranges are the usual ones; what is not said of abilities is left out, to be
 * read from norms.
 * @param on the class date, where there is one: dates are checked against it
 */
export function readPeople(
  input: unknown,
  rulebook: Rules,
  on?: string,
): { people: Person[]; errors: InputError[] } {
  if (!Array.isArray(input))
    return { people: [], errors: [{ field: 'people', message: 'people is a list.' }] };
  const errors: InputError[] = [];
  const people = input.map((raw, i) => readPerson(raw, `people[${i}]`, errors, rulebook, on));
  people.forEach((person, i) => {
    if (
      person.name &&
      people.findIndex((other) => other.name.toLowerCase() === person.name.toLowerCase()) < i
    ) {
      errors.push({
        field: `people[${i}].name`,
        message: `There are two people named "${person.name}". Add a letter to tell them apart.`,
      });
    }
  });
  return { people, errors };
}

/** Reads one person; problems are added to `errors` under `field`. */
export function readPerson(
  raw: unknown,
  field: string,
  errors: InputError[],
  rulebook: Rules,
  on?: string,
): Person {
  const at = (key: string): string => (field ? `${field}.${key}` : key);
  const fail = (key: string, message: string): void => {
    errors.push({ field: at(key), message });
  };
  const source = isTable(raw)
    ? raw
    : (errors.push({ field, message: 'A person is a table with at least a name.' }), {});
  const known = (value: unknown, key: string, keys: readonly string[]): Record<string, unknown> => {
    if (value === undefined || value === null) return {};
    if (!isTable(value)) {
      fail(key, `${key} is a table.`);
      return {};
    }
    for (const name of Object.keys(value)) {
      if (!keys.includes(name))
        fail(
          key ? `${key}.${name}` : name,
          `"${name}" is not known here. Did you mean "${closest(name.slice(0, NAME_MOST), keys)}"?`,
        );
    }
    return value;
  };
  known(source, '', PERSON_KEYS);
  const number = (
    value: unknown,
    key: string,
    low: number,
    high: number,
    what: string,
  ): number | undefined => {
    if (value === undefined || value === null) return undefined;
    if (typeof value === 'number' && value >= low && value <= high) return value;
    fail(key, `${what} is a number between ${low} and ${high}.`);
    return undefined;
  };
  const name = typeof source.name === 'string' ? source.name.trim() : '';
  if (!name) fail('name', 'A name is needed.');
  else if (name.length > NAME_MOST) fail('name', `A name has at most ${NAME_MOST} letters.`);
  else if (!isLine(name)) fail('name', 'A name has no line breaks or hidden marks in it.');
  if (source.id !== undefined && (typeof source.id !== 'string' || !source.id))
    fail('id', 'An id is a text, or left out.');
  let born: string | undefined;
  if (source.born !== undefined && source.born !== null) {
    if (!isDate(source.born)) fail('born', 'Date of birth is a real date, YYYY-MM-DD.');
    else if (on && (daysBetween(source.born, on) < 0 || ageOn(source.born, on) > 120))
      fail('born', 'Date of birth cannot be right.');
    else born = source.born;
  }
  const heightCm = number(source.heightCm, 'heightCm', 80, 220, 'Height in cm') ?? 165;
  const weightKg = number(source.weightKg, 'weightKg', 10, 300, 'Weight in kg');
  const ranges = known(source.ranges, 'ranges', RANGE_KEYS);
  const screening = known(source.screening, 'screening', SCREENING);
  for (const key of Object.keys(ranges)) number(ranges[key], `ranges.${key}`, 0, 200, 'A range in degrees');
  for (const key of Object.keys(screening))
    number(screening[key], `screening.${key}`, 0, 200, 'A screening value');
  if (source.sex !== undefined && source.sex !== 'woman' && source.sex !== 'man')
    fail('sex', 'sex is woman or man, or left out.');
  const pronoun = PRONOUNS.find((known) => known === source.pronoun);
  if (source.pronoun !== undefined && !pronoun) fail('pronoun', 'pronoun is she, he or they, or left out.');
  const conditions = readConditions(source.conditions, at('conditions'), errors, rulebook, on);
  const intake = readIntake(source.intake, at('intake'), errors, on);
  return {
    id: typeof source.id === 'string' ? source.id : name,
    name,
    ...(born ? { born } : {}),
    heightCm,
    ...(weightKg === undefined ? {} : { weightKg }),
    ...(source.sex === 'woman' || source.sex === 'man' ? { sex: source.sex } : {}),
    ...(pronoun ? { pronoun } : {}),
    can: readCan(source.can),
    ranges: ranges as Person['ranges'],
    conditions,
    screening: screening as Person['screening'],
    today: readToday(source.today),
    limits: readLimits(source.limits, at('limits'), errors, rulebook),
    clearances: readClearances(source.clearances, at('clearances'), errors, rulebook),
    ...(intake ? { intake } : {}),
  };

  function readCan(value: unknown): Can {
    const { limbs: rawLimbs, ...rest } = known(value, 'can', CAN_KEYS);
    // How files said it before: gets to the floor and back, or not.
    const floor = rest.floor === true ? 'alone' : rest.floor;
    const can: Record<string, unknown> = { ...rest, floor: floor === false ? 'no' : floor };
    for (const key of Object.keys(can)) if (can[key] === null || can[key] === undefined) delete can[key];
    for (const key of CAN_YES_NO)
      if (can[key] !== undefined && typeof can[key] !== 'boolean')
        fail(`can.${key}`, `can.${key} is true or false.`);
    for (const [key, choices] of Object.entries(CAN_CHOICES))
      if (can[key] !== undefined && !(choices as readonly unknown[]).includes(can[key]))
        fail(`can.${key}`, `can.${key} is ${choices.join(' or ')}.`);
    const limbs = known(rawLimbs, 'can.limbs', LIMBS);
    for (const [limb, state] of Object.entries(limbs))
      if (!(LIMB_STATES as readonly unknown[]).includes(state))
        fail(`can.limbs.${limb}`, `can.limbs.${limb} is ${LIMB_STATES.join(' or ')}, or left out.`);
    return {
      ...(can as Omit<Can, 'stand' | 'kneel'>),
      stand: can.stand !== false,
      kneel: can.kneel !== false,
      ...(Object.keys(limbs).length ? { limbs: limbs as NonNullable<Can['limbs']> } : {}),
    };
  }

  function readToday(value: unknown): Today {
    const today = known(value, 'today', TODAY_KEYS);
    number(today.pain, 'today.pain', 0, 10, 'Pain');
    for (const key of ['bleeding', 'dizzy', 'headache', 'fever', 'asked'])
      if (today[key] !== undefined && typeof today[key] !== 'boolean')
        fail(`today.${key}`, `${key} is true or false.`);
    if (today.bp !== undefined && (typeof today.bp !== 'string' || !parseReading(today.bp)))
      fail('today.bp', 'A reading looks like 128/82.');
    const places = today.painAt;
    if (
      places !== undefined &&
      !(Array.isArray(places) && places.every((place) => PAIN_PLACES.includes(place as string)))
    )
      fail('today.painAt', 'Where it hurts is a list of places.');
    if (today.news !== undefined && (typeof today.news !== 'string' || today.news.length > NEWS_MOST))
      fail('today.news', `What is new has at most ${NEWS_MOST} letters.`);
    if (today.signs !== undefined && !FITS.list!(today.signs))
      fail('today.signs', 'signs is a list of words.');
    return today as Today;
  }
}

function readConditions(
  value: unknown,
  field: string,
  errors: InputError[],
  rulebook: Rules,
  on?: string,
): PersonCondition[] {
  if (value === undefined || value === null) return [];
  if (!Array.isArray(value)) {
    errors.push({ field, message: 'conditions is a list.' });
    return [];
  }
  const read: PersonCondition[] = [];
  value.forEach((raw, i) => {
    const at = `${field}[${i}]`;
    const fail = (key: string, message: string): void => {
      errors.push({ field: key ? `${at}.${key}` : at, message });
    };
    const entry = typeof raw === 'string' ? { condition: raw } : raw;
    if (!isTable(entry) || typeof entry.condition !== 'string')
      return fail('condition', 'A condition has a name.');
    const found = resolveCondition(entry.condition, rulebook.conditions);
    if ('nearest' in found)
      return fail(
        'condition',
        `"${entry.condition}" is not a condition we know. Nearest: ${found.nearest.join(', ')}. ` +
          'What is none of them is "something else", with its name as "words".',
      );
    if (read.some((other) => other.condition === found.id))
      return fail('condition', `${found.name} is there twice.`);
    const details: Record<string, Details[string]> = {};
    for (const [key, detail] of Object.entries(entry)) {
      if (key === 'condition' || detail === undefined || detail === null || detail === '') continue;
      const asked = fieldOf(rulebook, found.id, key);
      if (!asked)
        fail(
          key,
          `"${key}" is not known here. Did you mean "${closest(
            key.slice(0, NAME_MOST),
            commonFieldsOf(rulebook).map((field) => field.key),
          )}"?`,
        );
      else if (asked.type === 'choice' && !asked.choices!.includes(detail as string))
        fail(key, `${key} is ${asked.choices!.join(' or ')}.`);
      else if (asked.type !== 'choice' && !FITS[asked.type]!(detail))
        fail(
          key,
          asked.type === 'date' ? `${key} is a real date, YYYY-MM-DD.` : `${key} is a ${asked.type}.`,
        );
      else if (asked.type === 'date' && on && PAST_DATES.has(key) && daysBetween(detail as string, on) < 0)
        fail(key, `${asked.label} lies after the class.`);
      else if (key === 'reading' && !parseReading(detail as string))
        fail(key, 'A reading looks like 128/82.');
      else details[key] = detail as Details[string];
    }
    checkPregnancyDates(details, fail, on);
    read.push({ condition: found.id, details });
  });
  return read;
}

/**
 * A due date and a last period may differ by a week; more than that, or a date that cannot be, is asked
 * about.
 */
function checkPregnancyDates(
  { dueDate, lastPeriod }: Record<string, Details[string]>,
  fail: (key: string, message: string) => void,
  on?: string,
): void {
  if (typeof dueDate === 'string' && typeof lastPeriod === 'string') {
    const apart = Math.abs(daysBetween(dueDateFrom(lastPeriod), dueDate));
    if (apart > 7)
      fail(
        'lastPeriod',
        `Due date and last period are ${apart} days apart. Keep the one the midwife or doctor gave.`,
      );
  }
  const counted = typeof lastPeriod === 'string' ? dueDateFrom(lastPeriod) : undefined;
  const due = typeof dueDate === 'string' ? dueDate : counted;
  if (!due || !on) return;
  const { days } = gestationOn(due, on);
  if (days < 0 || days > IMPLAUSIBLE_DAYS)
    fail(
      typeof dueDate === 'string' ? 'dueDate' : 'lastPeriod',
      'This date cannot be right for a pregnancy on the day of the class.',
    );
}

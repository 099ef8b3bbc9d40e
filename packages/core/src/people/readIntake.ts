import { daysBetween, isDate } from '../calendar/dates.js';
import { HOPES } from './hopes.js';
import { isTable } from './readTables.js';
import {
  FACT_SOURCES,
  INTAKE_GROUPS,
  type Consent,
  type InputError,
  type Intake,
  type KnownSince,
} from './types.js';

/** Letters of what someone says in their own words, and of a note beside a fact. */
const WORDS_MOST = 2000;
const NOTE_MOST = 200;
/** Facts of one person: more than there are names of them. */
const FACTS_MOST = 300;
const FACT_NAME = /^[a-zA-Z][a-zA-Z.-]{0,79}$/;
const KEYS = ['why', 'hopes', 'consent', 'dated', 'asked'];

/**
 * Reads what was told when someone first came. What is wrong is added to `errors`, named by its field, and left out.
 *
 * @param on the class date, where there is one: nothing is known since a later day
 * @returns undefined where nothing was told
 */
export function readIntake(
  value: unknown,
  field: string,
  errors: InputError[],
  on?: string,
): Intake | undefined {
  if (value === undefined || value === null) return undefined;
  const fail = (key: string, message: string): undefined => {
    errors.push({ field: key ? `${field}.${key}` : field, message });
  };
  if (!isTable(value)) return fail('', 'What was told is a table.');
  for (const key of Object.keys(value))
    if (!KEYS.includes(key)) fail(key, `"${key.slice(0, NOTE_MOST)}" is not known here.`);

  const words = (text: unknown, key: string, most: number): string | undefined => {
    if (text === undefined || text === null || text === '') return undefined;
    if (typeof text !== 'string') return fail(key, 'These are words.');
    if (text.length > most) return fail(key, `At most ${most} letters are kept.`);
    return text;
  };
  const among = <T extends string>(list: unknown, key: string, known: readonly T[]): T[] | undefined => {
    if (list === undefined || list === null) return undefined;
    if (!Array.isArray(list) || list.some((one) => !known.includes(one as T)))
      return fail(key, `Known are ${known.join(', ')}.`);
    const chosen = known.filter((one) => list.includes(one));
    return chosen.length ? chosen : undefined;
  };
  const past = (date: unknown, key: string): string | undefined => {
    if (!isDate(date)) return fail(key, 'This is a real date, YYYY-MM-DD.');
    if (on && daysBetween(date, on) < 0) return fail(key, 'This date lies ahead.');
    return date;
  };
  const consentOf = (raw: unknown): Consent | undefined => {
    if (raw === undefined || raw === null) return undefined;
    if (!isTable(raw)) return fail('consent', 'Consent is a table: words, on, by.');
    const [text, day, by] = [
      words(raw.words, 'consent.words', WORDS_MOST),
      past(raw.on, 'consent.on'),
      words(raw.by, 'consent.by', NOTE_MOST),
    ];
    if (!text || !by) return fail('consent', 'Consent says to what, and who took it down.');
    return day ? { words: text, on: day, by } : undefined;
  };
  const sinceOf = (raw: unknown, key: string): KnownSince | undefined => {
    if (!isTable(raw)) return fail(key, 'This says since when, and from where.');
    const day = past(raw.on, `${key}.on`);
    const from = FACT_SOURCES.find((known) => known === raw.from);
    if (!from) return fail(`${key}.from`, `It was ${FACT_SOURCES.join(', ')}.`);
    const note = words(raw.note, `${key}.note`, NOTE_MOST);
    return day ? { on: day, from, ...(note ? { note } : {}) } : undefined;
  };
  const datedOf = (raw: unknown): Intake['dated'] => {
    if (raw === undefined || raw === null) return undefined;
    if (!isTable(raw) || Object.keys(raw).length > FACTS_MOST)
      return fail('dated', `Dates are a table of at most ${FACTS_MOST} facts.`);
    const read = Object.entries(raw).flatMap(([name, since]): [string, KnownSince][] => {
      const known = FACT_NAME.test(name)
        ? sinceOf(since, `dated.${name}`)
        : fail('dated', 'This names no fact.');
      return known ? [[name, known]] : [];
    });
    return read.length ? Object.fromEntries(read) : undefined;
  };

  const read = {
    why: words(value.why, 'why', WORDS_MOST),
    hopes: among(
      value.hopes,
      'hopes',
      HOPES.map(({ id }) => id),
    ),
    consent: consentOf(value.consent),
    dated: datedOf(value.dated),
    asked: among(value.asked, 'asked', INTAKE_GROUPS),
  };
  const told = Object.entries(read).filter(([, one]) => one !== undefined);
  return told.length ? (Object.fromEntries(told) as Intake) : undefined;
}

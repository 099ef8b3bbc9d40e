import { parse, isValid, format } from 'date-fns';
import { isDate } from '../calendar/dates.js';
import { fold } from '../reading/fold.js';
import { readConditionNames } from '../reading/readConditionNames.js';
import type { Details, InputError, Person } from '../people/types.js';
import { lookedAt, type Bringing, type BroughtIn, type PersonTold } from './broughtIn.js';
import { readCell, writeCell } from './cell.js';

/** Somebody as they are written down. */
export type WrittenDown = Omit<Person, 'id' | 'today' | 'conditions'> & {
  conditions: readonly ({ condition: string } & Details)[];
};

/** Columns that people read, by what they hold; a list of one's own may call them otherwise. */
const COLUMNS = {
  name: ['name', 'full name', 'participant', 'person', 'client', 'student'],
  born: ['born', 'date of birth', 'birthday', 'birth date', 'dob'],
  sex: ['norms for', 'sex', 'gender'],
  pronoun: ['spoken of as', 'pronoun', 'pronouns'],
  heightCm: ['height cm', 'height', 'height in cm'],
  weightKg: ['weight kg', 'weight', 'weight in kg'],
  conditions: ['conditions', 'condition', 'health', 'diagnosis', 'diagnoses', 'medical history'],
  why: ['why', 'reason', 'why they come', 'goal', 'goals'],
} as const;
type Column = keyof typeof COLUMNS;
const HEADS: Readonly<Record<Column, string>> = {
  name: 'Name',
  born: 'Date of birth',
  sex: 'Norms for',
  pronoun: 'Spoken of as',
  heightCm: 'Height cm',
  weightKg: 'Weight kg',
  conditions: 'Conditions',
  why: 'Why',
};
/** What else is told of somebody stands in columns named by its path: `can.floor`, `pregnancy.dueDate`. */
const GROUPS = ['can', 'limbs', 'ranges', 'screening', 'intake'];
const WHOLE = ['limits', 'clearances'];

/**
 * People as the rows of a table, the first of which names the columns. Read back with {@link readPeopleTable} they are
 * as they were.
 */
export function writePeopleTable(people: readonly WrittenDown[]): string[][] {
  const rows = people.map(rowOf);
  const paths = [...new Set(rows.flatMap((row) => [...row.keys()]))]
    .filter((path) => !(path in HEADS))
    .sort();
  const columns = [...Object.keys(HEADS), ...paths];
  return [
    columns.map((column) => HEADS[column as Column] ?? column),
    ...rows.map((row) => columns.map((column) => row.get(column) ?? '')),
  ];
}

function rowOf(person: WrittenDown): Map<string, string> {
  const { name, born, sex, pronoun, heightCm, weightKg, conditions, can, ranges, screening } = person;
  const { why, ...intake } = person.intake ?? {};
  const { limbs = {}, ...told } = can;
  const row = new Map<string, string>();
  const put = (path: string, value: unknown): void => {
    const cell = writeCell(value);
    if (cell) row.set(path, cell);
  };
  for (const [path, value] of Object.entries({ name, born, sex, pronoun, heightCm, weightKg, why }))
    put(path, value);
  put('conditions', conditions.map(({ condition }) => condition.replaceAll('-', ' ')).join('; '));
  const groups: [string, object][] = [
    ...conditions.map(({ condition, ...details }): [string, object] => [condition, details]),
    ['can', told],
    ['limbs', limbs],
    ['ranges', ranges],
    ['screening', screening],
    ['intake', intake],
  ];
  for (const [group, table] of groups)
    for (const [key, value] of Object.entries(table)) put(`${group}.${key}`, value);
  for (const key of WHOLE) {
    const list = person[key as 'limits' | 'clearances'];
    if (list.length) put(key, list);
  }
  return row;
}

const SEX: Readonly<Record<string, string>> = {
  w: 'woman',
  f: 'woman',
  female: 'woman',
  women: 'woman',
  m: 'man',
  male: 'man',
  men: 'man',
};
/** Days as they are often written; which of two numbers is the month is never guessed. */
const DATE_FORMS = ['d.M.yyyy', 'd MMMM yyyy', 'd MMM yyyy', 'MMMM d, yyyy'];

/** A day as it is often written. @returns nothing where it could be read in two ways, or not at all */
function dateIn(text: string): string | undefined {
  if (isDate(text)) return text;
  for (const form of DATE_FORMS) {
    const day = parse(text, form, new Date(2000, 0, 1));
    const date = isValid(day) ? format(day, 'yyyy-MM-dd') : '';
    if (isDate(date)) return date;
  }
  const [, first, second, year] = /^(\d{1,2})[/-](\d{1,2})[/-](\d{4})$/.exec(text) ?? [];
  // 21/03 can only be read in one way; 03/04 in two.
  if (!first || !second || !year) return undefined;
  const [a, b] = [Number(first), Number(second)];
  // One of them is the month, and which is told by the other.
  const isDayFirst = a > 12 || a === b;
  if (!isDayFirst && b <= 12) return undefined;
  const [day, month] = isDayFirst ? [a, b] : [b, a];
  const date = `${year}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
  return isDate(date) ? date : undefined;
}

/**
 * Reads people from the rows of a table, of which the first names the columns. What cannot be read is told with its
 * line and column; the others can be brought in without it.
 *
 * @param rows each a list of cells; empty ones are passed over
 */
export function readPeopleTable(
  rows: readonly (readonly string[])[],
  bringing: Bringing,
): { people: BroughtIn[]; problem?: string } {
  const [heads = [], ...lines] = rows;
  const columns = heads.map((head) => columnOf(head, bringing));
  if (!columns.includes('name'))
    return {
      people: [],
      problem: `The first line names the columns, and one of them is "${HEADS.name}".`,
    };
  const unknown = heads.filter((head, i) => head.trim() && columns[i] === undefined);
  const problems = new Map<number, InputError[]>();
  const entries = lines.flatMap((cells, i) => {
    // The first line names the columns.
    const at = i + 2;
    if (!cells.some((cell) => cell.trim())) return [];
    const row = new Map(
      columns.flatMap((column, k) => (column && cells[k]?.trim() ? [[column, cells[k]]] : [])),
    );
    const errors: InputError[] = [];
    problems.set(at, errors);
    const told = toldIn(row, errors, bringing);
    const notes = unknown
      .filter((head) => cells[heads.indexOf(head)]?.trim())
      .map((head) => `"${head.trim()}" is not kept here.`);
    return [{ at, name: typeof told.name === 'string' ? told.name : '', told, notes }];
  });
  return { people: lookedAt(entries, bringing, (at) => problems.get(at) ?? []) };
}

/** What a column holds, by what stands above it. */
function columnOf(head: string, { rulebook }: Bringing): string | undefined {
  const written = head.trim();
  const words = fold(written);
  const known = (Object.keys(COLUMNS) as Column[]).find((column) =>
    COLUMNS[column].some((name) => fold(name) === words),
  );
  if (known) return known;
  if (WHOLE.includes(written)) return written;
  const [group = '', key] = written.split('.');
  const isGroup = GROUPS.includes(group) || rulebook.conditions.some(({ id }) => id === group);
  return key && isGroup ? written : undefined;
}

function toldIn(row: ReadonlyMap<string, string>, errors: InputError[], { rulebook }: Bringing): PersonTold {
  const tables: Record<string, Record<string, unknown>> = {
    can: {},
    limbs: {},
    ranges: {},
    screening: {},
    intake: {},
  };
  const details: Record<string, Record<string, unknown>> = {};
  for (const [path, text] of row) {
    const [group = '', key] = path.split('.');
    if (!key) continue;
    const table = GROUPS.includes(group) ? tables[group]! : (details[group] ??= {});
    table[key] = readCell(text);
  }
  const text = (column: string): string | undefined => {
    const cell = readCell(row.get(column) ?? '');
    if (cell === undefined || typeof cell === 'string') return cell;
    return (row.get(column) ?? '').trim();
  };
  const said = conditionsIn(text('conditions') ?? '', rulebook.conditions);
  for (const id of Object.keys(details))
    if (!said.some(({ condition }) => condition === id)) said.push({ condition: id });
  const born = text('born');
  const date = born && dateIn(born);
  if (born && !date)
    errors.push({
      field: 'born',
      message: `"${born}" can be read as a day in more than one way, or in none. Write it as 1984-05-31.`,
    });
  const sex = text('sex')?.toLowerCase();
  const { can, limbs, ranges, screening, intake } = tables as Record<string, object>;
  const why = text('why');
  const filled = {
    name: text('name') ?? '',
    born: date,
    sex: sex && (SEX[sex] ?? sex),
    pronoun: text('pronoun')?.toLowerCase(),
    heightCm: numberIn(row.get('heightCm')),
    weightKg: numberIn(row.get('weightKg')),
    conditions: said.map((one) => ({ ...one, ...details[one.condition] })),
    can: { ...can, ...(Object.keys(limbs!).length ? { limbs } : {}) },
    ranges,
    screening,
    intake: { ...intake, ...(why ? { why } : {}) },
    limits: readCell(row.get('limits') ?? ''),
    clearances: readCell(row.get('clearances') ?? ''),
  };
  return Object.fromEntries(
    Object.entries(filled).filter(([, value]) => value !== undefined && value !== ''),
  );
}

/** "172", "1,72 m" and "172 cm" are numbers; what is none is left as it is, to be told. */
function numberIn(cell: string | undefined): unknown {
  const [, number, unit] = /^\s*([\d.,]+)\s*(cm|m|kg)?\s*$/i.exec(cell ?? '') ?? [];
  if (!number) return readCell(cell ?? '');
  const value = Number(number.replace(',', '.'));
  return unit?.toLowerCase() === 'm' ? Math.round(value * 100) : value;
}

/** Names with semicolons between; each an id with spaces, or what people call it. */
function conditionsIn(
  text: string,
  conditions: Bringing['rulebook']['conditions'],
): { condition: string; words?: string }[] {
  const ids = new Set(conditions.map(({ id }) => id));
  const parts = text.split(/[;\n|]+/).map((part) => part.trim());
  const said: { condition: string; words?: string }[] = [];
  for (const part of parts) {
    const id = part.toLowerCase().replace(/\s+/g, '-');
    for (const one of ids.has(id) ? [{ condition: id }] : readConditionNames(part, conditions)) {
      const before = said.find(({ condition }) => condition === one.condition);
      if (!before) said.push(one);
      else if ('words' in one && one.words)
        before.words = [before.words, one.words].filter(Boolean).join(', ');
    }
  }
  return said;
}

import { isMoving } from '../poses/isMoving.js';
import { keep } from '../cache.js';
import { fingerprint } from '../fingerprint.js';
import { rangesKey, USUAL_BODY, type BodyRanges } from '../body/bodyRanges.js';
import { buildOf } from '../body/build.js';
import type { Person } from '../people/types.js';
import type { Catalogue } from '../poses/catalogue.js';
import { LEVELS } from '../poses/levels.js';
import { skillOf } from '../poses/skillOf.js';
import { MEASURE_NAMES, SIDED_MEASURES, type Judged } from '../poses/measures.js';
import type { Action, Breath, Family, Pose, Region, Variant } from '../poses/types.js';
import { breathSeconds, countSeconds } from '../people/pace.js';
import { ageOn } from '../calendar/dates.js';
import { countsTowards } from './sums.js';
import { STRENGTHENED } from './types.js';

/** What the words of a column mean: its numbers are places in these lists. */
export const COLUMN_WORDS = {
  level: LEVELS,
  breath: ['natural', 'linked', 'slow', 'held', 'rapid'] satisfies Breath[],
  support: ['none', 'hand', 'trunk'] satisfies Judged['support'][],
  helped: ['none', 'arm', 'leg'] satisfies ('none' | NonNullable<Judged['helped']>)[],
  action: [
    'open',
    'strengthen',
    'mobilise',
    'balance',
    'settle',
    'breathe',
    'invert',
    'rest',
  ] satisfies Action[],
  strengthens: ['nothing that a rule names', ...STRENGTHENED],
  family: [
    'breath',
    'chair',
    'standing',
    'balance',
    'all-fours',
    'prone',
    'supine',
    'seated',
    'side-lying',
    'inverted',
    'rest',
    'children',
    'joints',
  ] satisfies Family[],
} as const;
/** Columns that are not measures: what they hold is a place in a list, or seconds. */
const EXTRA = [
  'level',
  'breath',
  'support',
  'helped',
  'action',
  'family',
  'strengthens',
  'pose',
  'moving',
  'hold',
  'both',
  'supineHere',
  'headDownHere',
  'pelvisUpHere',
  'skill',
  'floorWay',
] as const;
export type ExtraColumn = (typeof EXTRA)[number];

/** Where each quantity is kept. A limb's measure is there by side, and as the worse of both. */
export const COLUMN: ReadonlyMap<string, number> = new Map(
  [...MEASURE_NAMES, ...SIDED_MEASURES, ...EXTRA].map((name, i) => [name, i]),
);

const SIDES = SIDED_MEASURES.map((name) => [`${name}Right`, `${name}Left`] as const);

/** Numbers of many shapes: a row a shape, a column a quantity. */
export interface Columns {
  rows: readonly unknown[];
  columns: readonly Float64Array[];
}
/** Everything rules can look at in the whole catalogue, for one body. */
export interface MeasureTable extends Columns {
  rows: readonly { pose: Pose; variant: Variant }[];
  rowOf: ReadonlyMap<Variant, number>;
}

/** A shape as it is held or moved in: seconds on one side, and on both together. */
export interface Shape extends Judged {
  action: Action;
  family: Family;
  /** What its pose is there to strengthen. */
  strengthens?: readonly Region[];
  /** Its pose's id; a way has none. */
  pose?: string;
  moving: boolean;
  seconds: number;
  both: number;
  /** A way between the floor and what is above it. */
  floorWay?: boolean;
}

/** A pose's id as a number, so that it can be compared like one. */
export const poseNumber = (id: string): number => Number.parseInt(fingerprint(id), 36);

/** Regions that a pose is there to strengthen. */
export const strengthenedBy = ({ purposes }: Pick<Pose, 'purposes'>): Region[] =>
  purposes.filter(({ action }) => action === 'strengthen').map(({ region }) => region);

/** Shapes as numbers in columns. */
export function columnsOf(shapes: readonly Shape[]): Float64Array[] {
  const columns = Array.from({ length: COLUMN.size }, () => new Float64Array(shapes.length));
  shapes.forEach((shape, row) => {
    const { measures, level, breath, support, action, family, moving, seconds, both } = shape;
    const set = (name: string, value: number): void => {
      columns[COLUMN.get(name)!]![row] = value;
    };
    // Measures come first, in their own order; then the worse side of each that has sides.
    for (let at = 0; at < MEASURE_NAMES.length; at++) columns[at]![row] = measures[MEASURE_NAMES[at]!];
    for (let at = 0; at < SIDES.length; at++)
      columns[MEASURE_NAMES.length + at]![row] = Math.max(measures[SIDES[at]![0]], measures[SIDES[at]![1]]);
    set('level', COLUMN_WORDS.level.indexOf(level));
    set('breath', COLUMN_WORDS.breath.indexOf(breath));
    set('support', COLUMN_WORDS.support.indexOf(support));
    set('helped', COLUMN_WORDS.helped.indexOf(shape.helped ?? 'none'));
    set('action', COLUMN_WORDS.action.indexOf(action));
    set('family', COLUMN_WORDS.family.indexOf(family));
    set('strengthens', STRENGTHENED.findIndex((region) => shape.strengthens?.includes(region)) + 1);
    set('pose', shape.pose === undefined ? 0 : poseNumber(shape.pose));
    set('moving', Number(moving));
    set('hold', seconds);
    set('both', both);
    set('skill', shape.skill);
    set('floorWay', Number(shape.floorWay ?? false));
    for (const sum of ['supine', 'headDown', 'pelvisUp'] as const)
      set(`${sum}Here`, Number(countsTowards(`${sum}Total`, measures)));
  });
  return columns;
}

/** Tables kept at once. */
const TABLES_MOST = 250;
const byCatalogue = new WeakMap<Catalogue, Map<string, MeasureTable>>();

/** How a table is made, where it is not the usual one. */
export interface TableOptions {
  held?: 'usual' | 'least' | 'most';
  /** How far their joints go; usual ones unless said. */
  ranges?: BodyRanges;
  /** Also variants that are only parts of others. */
  parts?: boolean;
}

/** The table of a body and a way of breathing; made once and kept. */
export function measureTable(
  catalogue: Catalogue,
  person: Pick<Person, 'heightCm' | 'born'>,
  on: string,
  { held = 'usual', ranges = USUAL_BODY, parts = false }: TableOptions = {},
): MeasureTable {
  const build = buildOf(person.born === undefined ? undefined : ageOn(person.born, on));
  const breath = breathSeconds(person, 'natural', on);
  const key = [person.heightCm, build, breath, held, rangesKey(ranges), parts].join('|');
  const shapeOf = (pose: Pose, variant: Variant): Shape => {
    const { level, breath, support, helped } = variant;
    const seconds = pose.hold[held] * countSeconds(pose, breath, person, on);
    return {
      measures: catalogue.measures(variant.id, person.heightCm, build, ranges),
      level,
      breath,
      support,
      skill: skillOf(variant),
      ...(helped ? { helped } : {}),
      action: pose.purposes[0].action,
      family: pose.family,
      strengthens: strengthenedBy(pose),
      pose: pose.id,
      moving: isMoving(pose, variant),
      seconds,
      both: seconds * (pose.side ? 2 : 1),
    };
  };
  const tables = byCatalogue.get(catalogue) ?? keep(byCatalogue, catalogue, new Map<string, MeasureTable>());
  const make = (): MeasureTable => {
    const rows = parts ? catalogue.rows : catalogue.rows.filter(({ variant }) => !variant.partOf);
    const columns = columnsOf(rows.map(({ pose, variant }) => shapeOf(pose, variant)));
    return { rows, columns, rowOf: new Map(rows.map(({ variant }, row) => [variant, row])) };
  };
  return tables.get(key) ?? keep(tables, key, make(), TABLES_MOST);
}

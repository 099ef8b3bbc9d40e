import { keep } from '../../cache.js';
import { lesserRanges, mirrorRanges, rangesKey, type BodyRanges } from '../../body/bodyRanges.js';
import type { Build } from '../../body/build.js';
import type { Catalogue } from '../../poses/catalogue.js';
import { mirrorMeasures, type Judged, type Measures } from '../../poses/measures.js';
import { skillOf } from '../../poses/skillOf.js';
import type { Level, Variant } from '../../poses/types.js';
import { measureTable, type MeasureTable } from '../../rules/measureTable.js';
import type { StagedPerson } from '../../rules/stagePerson.js';
import { countsTowards } from '../../rules/sums.js';
import { SUMS } from '../../rules/types.js';
import { packSet, SET_MOST } from '../../bitSet.js';
import { countedIn } from './counted.js';
import { deepOf, type Deep } from './deep.js';
import { propsOf } from './propsOf.js';
import type { PropUse } from '../types.js';
import type { Side } from '../../side.js';

/**
 * What the catalogue asks of one body, looked up once: the same variants come round at every step and for
 * everyone of that height and build.
 */
export interface BodyTable {
  catalogue: Catalogue;
  /** The right form of every variant. */
  table: MeasureTable;
  /** The same for the left, still described on the right: another table only where the sides go differently far. */
  leftTable: MeasureTable;
  build: Build;
  /** On a side, or as it may be done on either. */
  judged(row: number, side: Side | undefined): Judged;
  props(row: number): readonly PropUse[];
  /** How many of each prop a variant takes out of the cupboard; the wall is there. */
  taken(row: number): readonly Taken[];
  /** The most of each prop that any variant takes. */
  takenMost(): readonly Taken[];
  /** The set of kinds of props of a variant. */
  propsInHand(row: number): number;
  /** Whether a variant bends deep back, folds deep, or turns the body upside down. */
  deep(row: number): Deep;
  /** Levels it begins and ends on. */
  ends(row: number): { entry: Level; exit: Level };
  /** The set of {@link SUMS} that time in a variant counts towards. */
  towards(row: number): number;
  /** The set of `COUNTED` that time in a variant counts towards. */
  counted(row: number): number;
  /**
   * A number for how a variant leaves anyone of this body: by the levels it begins and ends on, its props,
   * and how deep it goes. The same number, the same in all of these.
   */
  bodyOutcome(row: number): number;
  /** Room for what else is worked out for this body, by an asked variant. */
  standIns: Map<Variant, StandIns>;
}

/** What may stand in for an asked variant, and what it costs as such, holds and props apart. */
export interface StandIns {
  rows: readonly number[];
  costs: readonly number[];
  /** So many at the front are rungs of the asked pose. */ rungs: number;
  rest: readonly number[];
}

/** Bodies kept at once. */
const BODIES_MOST = 250;
const bodies = new WeakMap<Catalogue, Map<string, BodyTable>>();

/** So many of one kind of prop; {@link propOf} names the kind. */
export interface Taken {
  kind: number;
  count: number;
}

const KINDS: string[] = [];
/** More kinds of props than there are: each has a bit of its own. */
export const KINDS_MOST = SET_MOST;
/** A number for a kind of prop, from 0. */
function propNumber(prop: string): number {
  const at = KINDS.indexOf(prop);
  if (at >= 0) return at;
  if (KINDS.length === KINDS_MOST) throw new RangeError(`More than ${KINDS_MOST} kinds of props.`);
  return KINDS.push(prop) - 1;
}
export const propOf = (kind: number): string => KINDS[kind]!;
/** The set of one kind of prop. */
export const propBit = (prop: string): number => 1 << propNumber(prop);

/** What is known of a body: its size, build and ranges. */
type OneBody = Pick<StagedPerson, 'person' | 'build' | 'abilities'>;

export function bodyTable(catalogue: Catalogue, one: OneBody, on: string): BodyTable {
  const { person, build, abilities } = one;
  const ofCatalogue = bodies.get(catalogue) ?? keep(bodies, catalogue, new Map<string, BodyTable>());
  const key = `${person.heightCm}|${build}|${rangesKey(abilities.body)}`;
  return ofCatalogue.get(key) ?? keep(ofCatalogue, key, makeBody(catalogue, one, on), BODIES_MOST);
}

/** One entry for each kind of prop, in the order in which they come. */
export function addedUp(all: readonly Taken[], together: (a: number, b: number) => number): readonly Taken[] {
  const counts = new Map<number, number>();
  for (const { kind, count } of all)
    counts.set(kind, counts.has(kind) ? together(counts.get(kind)!, count) : count);
  return Array.from(counts, ([kind, count]) => ({ kind, count }));
}

function makeBody(catalogue: Catalogue, { person, build, abilities }: OneBody, on: string): BodyTable {
  const own = abilities.body;
  const table = measureTable(catalogue, person, on, { ranges: own, parts: true });
  const leftTable = measureTable(catalogue, person, on, { ranges: mirrorRanges(own), parts: true });
  const { rows } = table;
  const perRow = <T>(make: (row: number) => T): ((row: number) => T) => {
    const made: (T | undefined)[] = new Array<T | undefined>(rows.length).fill(undefined);
    return (row) => (made[row] ??= make(row));
  };
  const judgedIn = (ranges: BodyRanges, seen: (measures: Measures) => Measures): ((row: number) => Judged) =>
    perRow((row): Judged => {
      const { variant } = rows[row]!;
      return {
        measures: seen(catalogue.measures(variant.id, person.heightCm, build, ranges)),
        level: variant.level,
        breath: variant.breath,
        support: variant.support,
        skill: skillOf(variant),
        ...(variant.helped ? { helped: variant.helped } : {}),
      };
    });
  const outcomes = new Map<string, number>();
  const right = judgedIn(own, (measures) => measures);
  const left = judgedIn(mirrorRanges(own), mirrorMeasures);
  /** What may be done on either side. */
  const either = table === leftTable ? right : judgedIn(lesserRanges(own), (measures) => measures);
  const props = perRow((row) => propsOf(rows[row]!.variant, person.heightCm, build));
  const propsInHand = perRow((row) => props(row).reduce((bits, { prop }) => bits | propBit(prop), 0));
  const deep = perRow((row) => deepOf(rows[row]!.pose, either(row).measures));
  const taken = perRow((row) =>
    addedUp(
      props(row).flatMap(({ prop, count }) => (prop === 'wall' ? [] : [{ kind: propNumber(prop), count }])),
      (a, b) => a + b,
    ),
  );
  let most: readonly Taken[] | undefined;
  const takenMost = (): readonly Taken[] =>
    (most ??= addedUp(
      rows.flatMap((_, row) => taken(row)),
      Math.max,
    ));
  const ends = perRow((row) => {
    const { level, entry = level, exit = level } = rows[row]!.variant;
    return { entry, exit };
  });
  return {
    catalogue,
    table,
    leftTable,
    build,
    props,
    taken,
    takenMost,
    propsInHand,
    deep,
    ends,
    standIns: new Map(),
    towards: perRow((row) => {
      const { measures } = either(row);
      return packSet(SUMS, (sum) => countsTowards(sum, measures));
    }),
    counted: perRow((row) => {
      const { pose, variant } = rows[row]!;
      return countedIn(pose, variant.level, either(row).measures);
    }),
    judged: (row, side) => (side ? { right, left }[side] : either)(row),
    bodyOutcome: perRow((row) => {
      const { entry, exit } = ends(row);
      const { backBend, inversion, fold } = deep(row);
      const key = `${entry}|${exit}|${propsInHand(row)}|${backBend}|${inversion}|${fold}`;
      if (!outcomes.has(key)) outcomes.set(key, outcomes.size);
      return outcomes.get(key)!;
    }),
  };
}

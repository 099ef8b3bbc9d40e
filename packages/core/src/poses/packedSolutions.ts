import { BUILDS, type Build } from '../body/build.js';
import { packPosture, unpackPosture } from '../body/posture.js';
import { makeMeasures, MEASURE_NAMES } from './measures.js';
import type { Solution } from './solutions.js';
import type { StoredSolutions } from './solveVariant.js';

/**
 * Solutions of many variants as one table of whole numbers. A row is one variant, build and height; its
 * measures stand in as many columns, its angles in another table with a row for each key frame. Columns are
 * stored one after the other, each number as the difference from the one above it: neighbouring heights ask
 * for almost the same, and differences near zero compress.
 */
export interface PackedSolutions {
  /**
   * Each variant's id, its number of key frames, and its heights by build in the order of `BUILDS`: negative where no
   * postures are kept.
   */
  variants: readonly (readonly [id: string, frames: number, heights: readonly (readonly number[])[]])[];
  measures: Int16Array;
  postures: Int16Array;
}

const ORDER = Object.keys(BUILDS) as readonly Build[];
/** The worst unmet contact stands behind the measures. */
const MEASURE_COLUMNS = MEASURE_NAMES.length + 1;
/** Below this a measure keeps thousandths, from here on tenths: as `compact` rounds them. */
const FINE = 2;
/** Thousandths up to here, then tenths. */
const BORDER = 2000;

/** A rounded measure as a whole number. @example packMeasure(0.532) // 532; packMeasure(-27.4) // -2254 */
export const packMeasure = (value: number): number =>
  Math.abs(value) < FINE
    ? Math.round(value * 1000)
    : Math.sign(value) * (BORDER - FINE * 10 + Math.round(Math.abs(value) * 10));

/** The measure that {@link packMeasure} made a whole number of. */
export const unpackMeasure = (packed: number): number =>
  Math.abs(packed) < BORDER
    ? packed / 1000
    : (Math.sign(packed) * (Math.abs(packed) - BORDER + FINE * 10)) / 10;

/** The first three numbers of a posture are the root's place, cm, to a hundredth; angles keep tenths. */
const postureScale = (column: number): number => (column < 3 ? 100 : 10);

/** What a table holds at most, either way. */
const LARGEST = 32_767;

/**
 * Rows as columns of differences, which go round at the ends of what 16 bits hold, as they do when they are added
 * up again.
 *
 * @throws RangeError for a number that does not fit
 */
function columnsOf(rows: readonly (readonly number[])[], columns: number): Int16Array {
  const table = new Int16Array(rows.length * columns);
  for (let column = 0; column < columns; column++) {
    let above = 0;
    rows.forEach((row, at) => {
      const value = row[column]!;
      if (Math.abs(value) > LARGEST) throw new RangeError(`A solution holds ${value}: too large to store.`);
      table[column * rows.length + at] = value - above;
      above = value;
    });
  }
  return table;
}

/** Columns with the differences added up, in place. */
function addUp(table: Int16Array, rows: number): Int16Array {
  for (let at = 0; at < table.length; at++) if (at % rows) table[at]! += table[at - 1]!;
  return table;
}

/** Packs stored solutions, variant by variant. */
export function packSolutions(variants: ReadonlyMap<string, StoredSolutions>): PackedSolutions {
  const measures: number[][] = [];
  const postures: number[][] = [];
  const index = [...variants].map(([id, builds]) => {
    let frames = 0;
    const heights = ORDER.map((build) => {
      const rows = Object.entries(builds[build]).sort(([a], [b]) => Number(a) - Number(b));
      for (const [, row] of rows) {
        measures.push([...row.measures, row.gap].map(packMeasure));
        for (const posture of row.postures)
          postures.push(posture.map((value, column) => Math.round(value * postureScale(column))));
        frames = Math.max(frames, row.postures.length);
      }
      return rows.map(([height, { postures: kept }]) => (kept.length ? Number(height) : -Number(height)));
    });
    return [id, frames, heights] as const;
  });
  return {
    variants: index,
    measures: columnsOf(measures, MEASURE_COLUMNS),
    postures: columnsOf(postures, postures[0]?.length ?? 0),
  };
}

interface PackedSolution extends Solution {
  /** The worst unmet contact, cm. */
  gap: number;
}

/** Solutions by variant and build; `stored`: all of a variant as they were before they were packed. */
export interface Unpacked {
  (variant: string, build: Build): readonly Solution[] | undefined;
  stored(variant: string): StoredSolutions;
}

/** Solutions of one build as they are stored. */
const storedFrom = (solutions: readonly PackedSolution[]): StoredSolutions[Build] =>
  Object.fromEntries(
    solutions.map((solution) => {
      const measures = solution.measures();
      return [
        solution.heightCm,
        {
          postures: solution.postures().map(packPosture),
          measures: MEASURE_NAMES.map((name) => measures[name]),
          gap: solution.gap,
        },
      ];
    }),
  );

/**
 * Solutions by variant and build out of packed ones. Takes the tables over: they are added up in place, so
 * that one copy serves everybody.
 */
export function unpackSolutions({ variants, measures, postures }: PackedSolutions): Unpacked {
  const rows = measures.length / MEASURE_COLUMNS;
  const frameRows = variants.reduce(
    (sum, [, frames, heights]) => sum + frames * heights.flat().filter((height) => height > 0).length,
    0,
  );
  const columns = postures.length / frameRows;
  addUp(measures, rows);
  addUp(postures, frameRows);
  const angles = (row: number): number[] =>
    Array.from(
      { length: columns },
      (_, column) => postures[column * frameRows + row]! / postureScale(column),
    );
  const found = new Map<string, readonly PackedSolution[]>();
  let row = 0;
  let frameRow = 0;
  for (const [id, frames, heights] of variants)
    heights.forEach((list, build) => {
      const own = list.map((height): PackedSolution => {
        const at = row++;
        const from = frameRow;
        const drawn = height > 0;
        if (drawn) frameRow += frames;
        return {
          heightCm: Math.abs(height),
          drawn,
          gap: unpackMeasure(measures[MEASURE_NAMES.length * rows + at]!),
          postures: () =>
            Array.from({ length: drawn ? frames : 0 }, (_, frame) => unpackPosture(angles(from + frame))),
          measures: () => makeMeasures((_, column) => unpackMeasure(measures[column * rows + at]!)),
        };
      });
      found.set(`${id}|${ORDER[build]}`, own);
    });
  const solutionsOf = (id: string, build: Build) => found.get(`${id}|${build}`);
  return Object.assign(solutionsOf, {
    stored: (id: string): StoredSolutions =>
      Object.fromEntries(
        ORDER.map((build) => [build, storedFrom(solutionsOf(id, build) ?? [])]),
      ) as StoredSolutions,
  });
}

import type { Build } from '../body/build.js';
import { packPosture, type Posture } from '../body/posture.js';
import { MEASURE_NAMES } from './measures.js';
import {
  MIDDLE_HEIGHT,
  scalesWithHeight,
  solveVariant,
  STORED_HEIGHTS,
  type SolvedVariant,
  type StoredSolutions,
} from './solveVariant.js';
import type { Variant } from './types.js';

/** Tenths of a degree and of a centimetre are enough; shares and the like keep thousandths. */
const round = (value: number): number =>
  Math.abs(value) < 2 ? Math.round(value * 1000) / 1000 : Math.round(value * 10) / 10;
/** Angles to a tenth of a degree, the root's place to a tenth of a millimetre. */
const roundPosture = (packed: readonly number[]): number[] =>
  packed.map((value, i) => (i < 3 ? Math.round(value * 100) / 100 : Math.round(value * 10) / 10));

/** Solutions as they are stored: with no more digits than mean something. */
export const compact = (builds: StoredSolutions): StoredSolutions =>
  Object.fromEntries(
    Object.entries(builds).map(([build, heights]) => [
      build,
      Object.fromEntries(
        Object.entries(heights).map(([height, { postures, measures, gap }]) => [
          height,
          { postures: postures.map(roundPosture), measures: measures.map(round), gap: round(gap) },
        ]),
      ),
    ]),
  ) as StoredSolutions;

/**
 * Solves a variant for every stored build and height: outwards from the middle height, each from its
 * neighbour.
 */
export function solveAll(variant: Variant): StoredSolutions {
  const scales = scalesWithHeight(variant);
  return compact(
    Object.fromEntries(
      (Object.keys(STORED_HEIGHTS) as Build[]).map((build) => {
        const solutions = new Map<number, SolvedVariant>();
        const heights = STORED_HEIGHTS[build];
        const middle = MIDDLE_HEIGHT[build];
        const run = (height: number, near?: readonly Posture[]): readonly Posture[] => {
          const solution = solveVariant(variant, height, near, build);
          solutions.set(height, solution);
          return solution.postures;
        };
        const first = run(middle);
        if (!scales) {
          heights.filter((height) => height > middle).reduce((near, height) => run(height, near), first);
          heights.filter((height) => height < middle).reduceRight((near, height) => run(height, near), first);
        }
        return [
          build,
          Object.fromEntries(
            [...solutions.values()]
              .sort((a, b) => a.heightCm - b.heightCm)
              .map((solution) => [
                solution.heightCm,
                {
                  postures: solution.postures.map(packPosture),
                  measures: MEASURE_NAMES.map((name) => solution.measures[name]),
                  gap: solution.worstGapCm,
                },
              ]),
          ),
        ];
      }),
    ) as unknown as StoredSolutions,
  );
}

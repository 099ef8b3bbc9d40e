import type { Build } from '../body/build.js';
import { packPosture, type Posture } from '../body/posture.js';
import { isMuscle, youngHolds } from '../body/muscles.js';
import { HEART_HEIGHTS, LIMB_ANGLES, MEASURE_NAMES, SPINE_ANGLES, type MeasureName } from './measures.js';
import {
  MIDDLE_HEIGHT,
  scalesWithHeight,
  solveVariant,
  STORED_HEIGHTS,
  type SolvedVariant,
  type StoredSolutions,
} from './solveVariant.js';
import type { Variant } from './types.js';

/** What is small to so many parts of one, what is large to tenths. */
const round = (value: number, small: number): number =>
  Math.abs(value) < 2 ? Math.round(value * small) / small : Math.round(value * 10) / 10;
/** Angles are known to 3 degrees: whole ones are fine enough. */
const WHOLE: ReadonlySet<string> = new Set<string>([
  ...SPINE_ANGLES,
  ...LIMB_ANGLES.flatMap((name) => [`${name}Right`, `${name}Left`]),
  'trunkIncline',
]);
/** Heights and the room to sway are known to a centimetre (`Bound.within`). */
const HALVES: ReadonlySet<string> = new Set<string>([...HEART_HEIGHTS, 'balanceMargin']);
/** Shares of body weight are known to a twentieth, and where the face looks. */
const SHARE = /Share|Load|face/;

/** A measure with no more digits than mean something. */
function roundMeasure(name: MeasureName, value: number): number {
  if (WHOLE.has(name)) return Math.round(value) + 0;
  if (HALVES.has(name)) return Math.round(value * 2) / 2 + 0;
  return round(value, SHARE.test(name) ? 50 : 200);
}
/** Angles to a fifth of a degree, the root's place to a tenth of a millimetre. */
const roundPosture = (packed: readonly number[]): number[] =>
  packed.map((value, i) => Math.round(value * (i < 3 ? 100 : 5)) / (i < 3 ? 100 : 5) + 0);
/** A gap shows from a millimetre on. */
const GAP_PARTS = 10;

/** Moments are known no better than to this share of what young adults hold; less than the other is nothing. */
const MOMENT_STEP = 0.05;
const MOMENT_LEAST = 0.1;

/** What a muscle of each moment holds in young adults, by the moment's place among the measures. */
const YOUNG_AT = MEASURE_NAMES.map((name) => youngOf(name));

function youngOf(name: MeasureName): number | undefined {
  const muscle = /^(\w+)Moment(Right|Left)?$/.exec(name)?.[1];
  return muscle && isMuscle(muscle) ? youngHolds(muscle) : undefined;
}

const roundMoment = (value: number, young: number): number =>
  value < MOMENT_LEAST * young
    ? 0
    : Math.round(Math.round(value / young / MOMENT_STEP) * MOMENT_STEP * young * 10) / 10;

/** A body is drawn at the nearest of these heights: nobody sees five centimetres on a figure. */
const isDrawn = (heightCm: number): boolean => heightCm % 10 === 5;

/** The heights of a build that keep their postures, where any of them is one to draw at; all of them otherwise. */
const drawnAmong = (heights: readonly string[]): ReadonlySet<string> => {
  const drawn = heights.filter((height) => isDrawn(Number(height)));
  return new Set(drawn.length ? drawn : heights);
};

/**
 * Solutions as they are stored: with no more digits than mean something, and postures for every other height. What
 * muscles hold beside weight and height is as good as the same for children as for grown people of usual height, and
 * is stored as theirs.
 */
export function compact(builds: StoredSolutions): StoredSolutions {
  const { adult } = builds;
  const grown = (adult[MIDDLE_HEIGHT.adult] ?? Object.values(adult)[0])?.measures ?? [];
  const measuresOf = (build: string, measures: readonly number[]): number[] =>
    measures.map((value, at) => {
      const young = YOUNG_AT[at];
      const name = MEASURE_NAMES[at]!;
      if (young === undefined) return roundMeasure(name, value);
      return roundMoment(build === 'adult' ? value : (grown[at] ?? value), young);
    });
  return Object.fromEntries(
    Object.entries(builds).map(([build, heights]) => {
      const drawn = drawnAmong(Object.keys(heights));
      return [
        build,
        Object.fromEntries(
          Object.entries(heights).map(([height, { postures, measures, gap }]) => [
            height,
            {
              postures: drawn.has(height) ? postures.map(roundPosture) : [],
              measures: measuresOf(build, measures),
              gap: round(gap, GAP_PARTS),
            },
          ]),
        ),
      ];
    }),
  ) as StoredSolutions;
}

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
          const solution = solveVariant(variant, height, near, build, true);
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

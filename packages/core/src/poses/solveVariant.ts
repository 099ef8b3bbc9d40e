import type { BodyRanges } from '../body/bodyRanges.js';
import type { Build } from '../body/build.js';
import type { Posture } from '../body/posture.js';
import { packPosture, unpackPosture } from '../body/posture.js';
import { AUTHOR_HEIGHT } from '../body/residuals.js';
import { solveShape, type SolvedShape } from '../body/solve.js';
import type { Shape } from '../body/shape.js';
import { inBody } from './inBody.js';
import { measureMovement } from './measureMovement.js';
import { makeMeasures, type Measures } from './measures.js';
import { framesFor, propsFor } from './sizedProps.js';
import { solveInBody } from './solveInBody.js';
import type { Variant } from './types.js';

/** A variant put on its contacts at one height: a posture per key frame, and its measures. */
export interface SolvedVariant {
  heightCm: number;
  postures: Posture[];
  measures: Measures;
  worstGapCm: number;
}

/**
 * One stored solution: angles of each key frame (none where they are not kept), measures in `MEASURE_NAMES` order,
 * the worst unmet contact.
 */
interface Stored {
  postures: number[][];
  measures: number[];
  gap: number;
}

/** A variant's solutions by build and height, as they are stored. */
export type StoredSolutions = Record<Build, Record<string, Stored>>;

const every5 = (from: number, to: number): number[] =>
  Array.from({ length: (to - from) / 5 + 1 }, (_, i) => from + 5 * i);

/** Heights in cm at which variants are solved and stored: grown people, and children by age band. */
export const STORED_HEIGHTS: Readonly<Record<Build, readonly number[]>> = {
  adult: every5(130, 200),
  'child-3-5': every5(90, 115),
  'child-6-8': every5(110, 135),
  'child-9-12': every5(130, 160),
};

/** The height from which a build's other heights are reached, neighbour by neighbour. */
export const MIDDLE_HEIGHT: Readonly<Record<Build, number>> = {
  adult: AUTHOR_HEIGHT,
  'child-3-5': 105,
  'child-6-8': 125,
  'child-9-12': 145,
};

/**
 * Whether a variant's shape is the same at every height. Walls move with the person; a block,
 * a chair or a blanket does not, so the same variant asks more of a short person.
 */
export const scalesWithHeight = ({ frames, props }: Pick<Variant, 'frames' | 'props'>): boolean =>
  props.every(
    (prop) =>
      prop.kind === 'wall' ||
      prop.kind === 'strap' ||
      (prop.kind === 'bolster' && frames.every(restsOnPlain)),
  ) && frames.every(restsOnPlain);

const restsOnPlain = (shape: Shape): boolean =>
  shape.on.every(([surface]) => surface === 'floor' || surface === 'wall');

/**
 * A way between levels. Half way its body lies on neither what it left nor what it comes to, so that nothing is solved
 * between its frames: joints go from one to the other.
 */
const isWay = ({ id }: Pick<Variant, 'id'>): boolean => id.startsWith('way-');

/** A posture half way between two: where a movement's in-between starts to be solved. */
const midway = (a: Posture, b: Posture): Posture => {
  const from = packPosture(a);
  const to = packPosture(b);
  return unpackPosture(from.map((value, i) => (value + to[i]!) / 2));
};

/**
 * Solves every key frame of a variant and measures it; a movement's value is the worst over its
 * frames and the solved in-betweens. What is the same at every height is solved at the middle one.
 *
 * @param build whose proportions
 * @param near postures of the same frames at a neighbouring height, to start from
 * @param grounds whether moments are looked at on other grounds too, see {@link measureMovement}
 * @param ranges how far their joints go, see {@link solveInBody}; the supple body of the catalogue unless said
 */
export function solveVariant(
  variant: Variant,
  heightCm: number,
  near?: readonly Posture[],
  build: Build = 'adult',
  grounds = false,
  ranges?: BodyRanges,
): SolvedVariant {
  const solvedCm = scalesWithHeight(variant) ? MIDDLE_HEIGHT[build] : heightCm;
  if (solvedCm !== heightCm) {
    const nearby = near && scaleSolved(near, heightCm, solvedCm);
    const solved = solveVariant(variant, solvedCm, nearby, build, grounds, ranges);
    return {
      heightCm,
      postures: scaleSolved(solved.postures, solvedCm, heightCm),
      measures: scaleMeasures(solved.measures, heightCm / solvedCm),
      worstGapCm: (solved.worstGapCm * heightCm) / solvedCm,
    };
  }
  const props = propsFor(variant, heightCm);
  const frames = framesFor(variant, heightCm);
  const solved = frames.map((shape, i) => solveShape(shape, props, heightCm, near?.[i], build));
  const between = (isWay(variant) ? [] : solved.slice(1)).map((next, i) =>
    solveShape(frames[i + 1]!, props, heightCm, midway(solved[i]!.posture, next.posture), build),
  );
  const own = (shape: SolvedShape): SolvedShape => (ranges ? solveInBody(shape, ranges) : shape);
  const shown = solved.map(own);
  const measures = measureMovement([...shown, ...between.map(own)], variant, grounds);
  return {
    heightCm,
    postures: shown.map((shape) => shape.posture),
    measures: ranges ? inBody(measures, ranges) : measures,
    worstGapCm: Math.max(...shown.map((shape) => shape.misfit.contact)),
  };
}

/** Lengths among the measures: they scale with height where a shape does. */
const LENGTHS: ReadonlySet<string> = new Set([
  'headBelowHeart',
  'eyesBelowHeart',
  'pelvisAboveHeart',
  'legsAboveHeart',
  'armsAboveHeart',
  'balanceMargin',
]);

/** The same shape at another height: angles stay, the root's place scales. */
export const scaleSolved = (postures: readonly Posture[], fromCm: number, toCm: number): Posture[] =>
  postures.map((posture) => ({
    ...posture,
    x: (posture.x * toCm) / fromCm,
    y: (posture.y * toCm) / fromCm,
    z: (posture.z * toCm) / fromCm,
  }));

/** What a shape asks at another size of the same body: angles and shares stay, lengths scale. */
export const scaleMeasures = (measures: Measures, by: number): Measures =>
  makeMeasures((name) => (LENGTHS.has(name) ? measures[name] * by : measures[name]));
